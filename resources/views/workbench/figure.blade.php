@foreach ($figure->feet as $foot)<ellipse cx="0" cy="-5" rx="5" ry="{{ $figure->footLength }}" transform="translate({{ $foot['x'] }} {{ $foot['y'] }}) rotate({{ $figure->facing }})" fill="none" stroke="{{ $colour }}" stroke-width="1.3"/>@endforeach
<g transform="translate({{ $figure->x }} {{ $figure->y }}) rotate({{ $figure->facing }})">
    @if ($figure->isLying)<rect x="{{ -$figure->depth }}" y="-10" width="{{ 2 * $figure->depth }}" height="{{ $figure->shoulders * 4 }}" rx="9" fill="{{ $colour }}" fill-opacity="0.22" stroke="{{ $colour }}" stroke-width="1.8" @if ($dash !== 'none') stroke-dasharray="{{ $dash }}" @endif/>
    @else<ellipse cx="0" cy="0" rx="{{ $figure->shoulders }}" ry="{{ $figure->depth }}" fill="{{ $colour }}" fill-opacity="0.22" stroke="{{ $colour }}" stroke-width="1.8" @if ($dash !== 'none') stroke-dasharray="{{ $dash }}" @endif/>@endif
    <path d="M-5 {{ -$figure->depth - 3 }}L0 {{ -$figure->depth - 10 }}L5 {{ -$figure->depth - 3 }}" fill="none" stroke="{{ $colour }}" stroke-width="2" stroke-linejoin="round"/>
</g>
<circle cx="{{ $figure->headX }}" cy="{{ $figure->headY }}" r="{{ $figure->head }}" fill="{{ $colour }}" fill-opacity="0.85"/>
<text x="{{ $figure->x }}" y="{{ $figure->y + $figure->depth + 18 }}" font-size="9" text-anchor="middle" fill="{{ $colour }}">{{ $name }}@if ($figure->posture !== ''), {{ $figure->posture }}@endif</text>
