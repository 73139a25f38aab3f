@php([$ink, $box] = [$picture->palette, $window ?? App\View\Floor\Window::of($picture)])
<svg class="floor-drawing side-drawing" viewBox="{{ $box->viewBox() }}"
    role="img" aria-label="{{ $label }}" preserveAspectRatio="xMidYMid meet" xmlns="http://www.w3.org/2000/svg"
    font-family="'Archivo Variable', Archivo, sans-serif">
<rect x="{{ $box->left }}" y="{{ $box->top }}" width="{{ $box->width }}" height="{{ $box->height }}"
    fill="{{ $ink->ground() }}"/>
@foreach ($picture->levels as $level)
    <path d="M{{ $box->left }} {{ $level['y'] }}h{{ $box->width }}" stroke="{{ $ink->faint() }}" stroke-width="0.6"
        stroke-dasharray="1 4"/>
    <text x="{{ $box->left }}" dx="4" y="{{ $level['y'] }}" dy="-2" font-size="7" fill="{{ $ink->text() }}">{{ $level['label'] }}</text>
@endforeach
<path d="M{{ $box->left }} 0h{{ $box->width }}" stroke="{{ $ink->text() }}" stroke-width="1"/>
@foreach ($picture->frames as $drawn)
    <g data-frame="{{ $drawn->number }}" @class(['floor-frame', 'not-now' => ! $loop->first])>
        {{-- What is shown when it is asked for; a still cannot be asked. --}}
        @if (! $picture->isStill())
        <g class="layer-targets off">
            @foreach ($drawn->targets as $target)
                <path d="M{{ $target['x'] }} {{ $target['y'] }}h6L{{ $target['lx'] }} {{ $target['ly'] }}" stroke="{{ $ink->faint() }}"
                    stroke-width="0.6" fill="none"/>
                <text x="{{ $target['lx'] }}" y="{{ $target['ly'] }}" dx="2" dy="2" font-size="7.5"
                    fill="{{ $ink->text() }}">{{ $target['label'] }}</text>
            @endforeach
        </g>
        @endif
        @include('workbench.side-body', ['figure' => $drawn->attacker, 'colour' => $ink->attacker(), 'of' => 'attacker',
            'name' => __('floor.attacker'), 'named' => $drawn->names['attacker']])
        @include('workbench.side-body', ['figure' => $drawn->defender, 'colour' => $ink->defender(), 'of' => 'defender',
            'name' => __('floor.you'), 'named' => $drawn->names['defender']])
        @foreach ($drawn->strikes as $strike)
            @if (! $picture->isStill())
                <path class="layer-reach off" d="{{ $strike['reach'] }}" fill="none" stroke="{{ $ink->reached() }}" stroke-width="1"
                    stroke-dasharray="5 3"/>
            @endif
            <polyline points="{{ $strike['limb'] }}" fill="none" stroke="{{ $strike['reaches'] ? $ink->reached() : $ink->attacker() }}"
                stroke-width="3.4" stroke-linecap="round"/>
            <polyline points="{{ $strike['rest'] }}" fill="none" stroke="{{ $ink->text() }}" stroke-width="1" stroke-dasharray="2 3"/>
            <circle cx="{{ $strike['x'] }}" cy="{{ $strike['y'] }}" r="2.6" fill="{{ $ink->text() }}"/>
            <text x="{{ $strike['x'] }}" y="{{ $strike['y'] }}" dx="12" dy="-9" font-size="8" fill="{{ $ink->text() }}"
                stroke="{{ $ink->ground() }}" stroke-width="3" paint-order="stroke">{{ $strike['height'] }}</text>
            <text x="{{ $strike['lx'] }}" y="{{ $strike['ly'] }}" font-size="9" font-weight="700" text-anchor="{{ $strike['anchor'] }}"
                fill="{{ $ink->text() }}" stroke="{{ $ink->ground() }}" stroke-width="3"
                paint-order="stroke">{{ $strike['label'] }}</text>
        @endforeach
    </g>
@endforeach
</svg>
