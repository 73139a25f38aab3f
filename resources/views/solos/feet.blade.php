@php($ink = $picture->palette)
<svg class="floor-drawing feet-drawing" viewBox="{{ $picture->left }} {{ $picture->top }} {{ $picture->width }} {{ $picture->height }}"
    role="img" aria-label="{{ __('solos.feet.heading') }}: {{ $picture->text() }}" xmlns="http://www.w3.org/2000/svg"
    font-family="'Archivo Variable', Archivo, sans-serif">
<rect x="{{ $picture->left }}" y="{{ $picture->top }}" width="{{ $picture->width }}" height="{{ $picture->height }}"
    fill="{{ $ink->ground() }}"/>
<path d="M0 7V-7M-7 0H7" stroke="{{ $ink->faint() }}" stroke-width="0.8"/>
<path d="M0 -7l-2 3M0 -7l2 3" stroke="{{ $ink->text() }}" stroke-width="0.8" fill="none"/>
<line x1="{{ $picture->line['x1'] }}" y1="{{ $picture->line['y1'] }}" x2="{{ $picture->line['x2'] }}" y2="{{ $picture->line['y2'] }}"
    stroke="{{ $ink->faint() }}" stroke-width="0.6" stroke-dasharray="2 2"/>
@foreach ($picture->feet as $foot)
    <path d="{{ $picture->shape }}" transform="{{ $foot['transform'] }}" fill="{{ $ink->defender() }}" fill-opacity="0.25"
        stroke="{{ $ink->defender() }}" stroke-width="0.9"/>
    <text x="{{ $foot['x'] }}" y="{{ $foot['y'] }}" font-size="{{ $picture->letter }}" text-anchor="{{ $foot['anchor'] }}"
        fill="{{ $ink->text() }}">{{ $foot['text'] }}</text>
@endforeach
<text x="{{ $picture->line['x'] }}" y="{{ $picture->line['y'] }}"
    text-anchor="{{ $picture->line['anchor'] }}" font-size="{{ $picture->letter }}"
    fill="{{ $ink->text() }}">{{ $picture->line['text'] }}</text>
</svg>
