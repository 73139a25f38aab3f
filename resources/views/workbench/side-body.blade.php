<g data-body="{{ $of }}" fill="none" stroke="{{ $colour }}" stroke-width="2.6" stroke-linecap="round" stroke-linejoin="round">
@foreach ($figure->lines as $line)<polyline points="{{ $line }}"/>@endforeach
<circle cx="{{ $figure->headX }}" cy="{{ $figure->headY }}" r="{{ $figure->head }}" fill="{{ $colour }}" fill-opacity="0.25"/>
<text x="{{ $named['x'] }}" y="14" font-size="9" text-anchor="{{ $named['anchor'] }}" stroke="none" fill="{{ $colour }}">{{ $name }}</text>
</g>
