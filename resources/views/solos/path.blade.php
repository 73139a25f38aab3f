@php($ink = $picture->palette)
<svg class="floor-drawing path-drawing" viewBox="{{ $picture->left }} {{ $picture->top }} {{ $picture->width }} {{ $picture->height }}"
    role="img" aria-label="{{ __('solos.path.heading') }}: {{ $picture->text() }}" xmlns="http://www.w3.org/2000/svg"
    font-family="'Archivo Variable', Archivo, sans-serif">
<rect x="{{ $picture->left }}" y="{{ $picture->top }}" width="{{ $picture->width }}" height="{{ $picture->height }}"
    fill="{{ $ink->ground() }}"/>
<g transform="{{ $picture->scalePlace() }}">
    <path d="M0 0h100M0 -3v6M100 -3v6" stroke="{{ $ink->text() }}" stroke-width="1.2" fill="none"/>
    <text x="106" y="3" font-size="9" fill="{{ $ink->text() }}">{{ __('solos.path.scale') }}</text>
</g>
<polyline points="{{ $picture->way }}" fill="none" stroke="{{ $ink->reached() }}" stroke-width="2.4" stroke-linejoin="round"/>
@include('workbench.body', ['figure' => $picture->end, 'colour' => $ink->defender(), 'dash' => null])
@foreach ($picture->stops as $stop)
    <path d="{{ $stop['nose'] }}" stroke="{{ $ink->text() }}" stroke-width="1.6"/>
    <circle cx="{{ $stop['x'] }}" cy="{{ $stop['y'] }}" r="4.5" fill="{{ $loop->first ? $ink->text() : $ink->ground() }}"
        stroke="{{ $ink->text() }}" stroke-width="1.6"/>
    <text x="{{ $stop['tx'] }}" y="{{ $stop['ty'] }}" font-size="9" font-weight="700" text-anchor="middle" fill="{{ $ink->text() }}"
        stroke="{{ $ink->ground() }}" stroke-width="3" paint-order="stroke">{{ $stop['numbers'] }}</text>
@endforeach
</svg>
