<svg xmlns="http://www.w3.org/2000/svg" width="{{ $tape->width }}" height="{{ $tape->height }}"
    viewBox="0 0 {{ $tape->width }} {{ $tape->height }}">
<rect width="{{ $tape->width }}" height="{{ $tape->height }}" fill="#ffffff" stroke="#23292c" stroke-width="0.3"/>
@foreach ($tape->ways as $way)<polyline points="{{ $way }}" fill="none" stroke="#23292c" stroke-width="0.5"/>@endforeach
<circle cx="{{ $tape->attackerX }}" cy="{{ $tape->attackerY }}" r="{{ App\View\Workbench\Tape::RING }}"
    fill="none" stroke="#a23f18" stroke-width="0.6"/>
<text x="{{ $tape->wordX }}" y="{{ $tape->wordY }}" font-size="3" text-anchor="middle" fill="#a23f18">{{ __('floor.attacker') }}</text>
@foreach ($tape->places as $place)
    <circle cx="{{ $place['x'] }}" cy="{{ $place['y'] }}" r="1" fill="#23292c"/>
    <text x="{{ $place['tx'] }}" y="{{ $place['ty'] }}" font-size="3" text-anchor="{{ $place['anchor'] }}"
        fill="#23292c">{{ $place['label'] }}</text>
@endforeach
</svg>
