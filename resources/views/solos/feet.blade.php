@php($ink = $picture->palette)
<svg class="floor-drawing feet-drawing" viewBox="{{ $picture->left }} {{ $picture->top }} {{ $picture->width }} {{ $picture->height }}"
    role="img" aria-label="{{ __('solos.feet.heading') }}: {{ $picture->text() }}" xmlns="http://www.w3.org/2000/svg"
    font-family="'Archivo Variable', Archivo, sans-serif">
<rect x="{{ $picture->left }}" y="{{ $picture->top }}" width="{{ $picture->width }}" height="{{ $picture->height }}"
    fill="{{ $ink->ground() }}"/>
<path d="M0 14V-14M-14 0H14" stroke="{{ $ink->faint() }}" stroke-width="1"/>
<path d="M0 -14l-3 5M0 -14l3 5" stroke="{{ $ink->text() }}" stroke-width="1.2" fill="none"/>
<line x1="{{ $picture->line['x1'] }}" y1="{{ $picture->line['y1'] }}" x2="{{ $picture->line['x2'] }}" y2="{{ $picture->line['y2'] }}"
    stroke="{{ $ink->faint() }}" stroke-width="1" stroke-dasharray="3 3"/>
@foreach ($picture->feet as $foot)
    <path d="{{ $picture->shape }}" transform="{{ $foot['transform'] }}" fill="{{ $ink->defender() }}" fill-opacity="0.25"
        stroke="{{ $ink->defender() }}" stroke-width="1.6"/>
    <text x="{{ $foot['x'] }}" y="{{ $foot['y'] }}" font-size="7" text-anchor="middle"
        fill="{{ $ink->text() }}">{{ $foot['text'] }}</text>
@endforeach
<text x="{{ $picture->line['x'] }}" y="{{ $picture->line['y'] }}" font-size="7" text-anchor="middle" fill="{{ $ink->text() }}"
    stroke="{{ $ink->ground() }}" stroke-width="3" paint-order="stroke">{{ $picture->line['text'] }}</text>
</svg>
