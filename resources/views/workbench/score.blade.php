@php($ink = $picture->palette)
<svg class="score-drawing" viewBox="0 0 {{ $picture->width }} {{ $picture->height }}" role="img" aria-label="{{ $label }}"
    xmlns="http://www.w3.org/2000/svg" font-family="'Archivo Variable', Archivo, sans-serif"
    data-score-zero="{{ $picture->zero }}" data-score-scale="{{ $picture->scale }}">
<rect width="{{ $picture->width }}" height="{{ $picture->height }}" fill="{{ $ink->ground() }}"/>
@foreach ($picture->seconds as $second)
    <path d="M{{ $second['x'] }} 14V{{ $picture->height }}" stroke="{{ $ink->faint() }}" stroke-width="0.5"/>
    <text x="{{ $second['x'] }}" y="10" font-size="8.5" text-anchor="middle" fill="{{ $ink->text() }}">{{ $second['label'] }}</text>
@endforeach
@foreach ($picture->lanes as $lane)
    <text x="{{ $picture->zero }}" dx="-6" y="{{ $lane['y'] }}" dy="13" font-size="9.5" text-anchor="end"
        fill="{{ $ink->text() }}">{{ $lane['label'] }}</text>
@endforeach
@foreach ($picture->bars as $bar)
    <g class="score-bar" data-jump="{{ $bar['number'] }}"><title>{{ __('words.beat', ['beat' => $bar['number']]) }}</title>
        <rect x="{{ $bar['x'] }}" y="{{ $bar['y'] }}" width="{{ $bar['width'] }}" height="15" rx="2"
            fill="{{ $picture->fill($bar['kind']) }}" fill-opacity="{{ $bar['isHome'] ? 0.85 : 0.25 }}"
            stroke="{{ $bar['isHome'] ? $picture->fill($bar['kind']) : $ink->attacker() }}"
            @if (! $bar['isHome']) stroke-dasharray="3 2" @endif/>
        <text x="{{ $bar['x'] }}" dx="4" y="{{ $bar['y'] }}" dy="11" font-size="9" fill="{{ $bar['isHome'] ? $ink->ground() : $ink->text()
            }}">{{ $bar['label'] }}</text></g>
@endforeach
<path data-cursor="" d="M{{ $picture->zero }} 12V{{ $picture->height }}" stroke="{{ $ink->attacker() }}" stroke-width="2"/>
</svg>
