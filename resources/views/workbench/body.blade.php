<g data-body="{{ $of ?? '' }}">
@foreach ($figure->feet as $foot)
<path d="{{ $figure->sole }}" transform="{{ $foot['transform'] }}" fill="none" stroke="{{ $colour }}" stroke-width="1.3"/>
@endforeach
<g transform="{{ $figure->transform }}">
@if ($figure->isLying)
    <rect x="{{ $figure->lying['x'] }}" y="-10" width="{{ $figure->lying['width'] }}" height="{{ $figure->lying['height'] }}" rx="9"
        fill="{{ $colour }}" fill-opacity="0.22" stroke="{{ $colour }}" stroke-width="1.8" @if ($dash) stroke-dasharray="{{ $dash }}"
            @endif/>
@else
    <ellipse cx="0" cy="0" rx="{{ $figure->shoulders }}" ry="{{ $figure->depth }}"
        fill="{{ $colour }}" fill-opacity="0.22" stroke="{{ $colour }}" stroke-width="1.8" @if ($dash) stroke-dasharray="{{ $dash }}"
            @endif/>
@endif
<path d="{{ $figure->nose }}" fill="none" stroke="{{ $colour }}" stroke-width="2" stroke-linejoin="round"/>
</g>
<circle cx="{{ $figure->headX }}" cy="{{ $figure->headY }}" r="{{ $figure->head }}" fill="{{ $colour }}" fill-opacity="0.85"/>
@if ($named ?? null)<text x="{{ $named->x }}" y="{{ $named->y }}" font-size="9" text-anchor="{{ $named->anchor }}"
    fill="{{ $colour }}" stroke="{{ $ink->ground() }}" stroke-width="3" paint-order="stroke">{{ $named->text }}</text>@endif
</g>
