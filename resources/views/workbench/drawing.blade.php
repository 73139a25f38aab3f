@php([$ink, $box] = [$picture->palette, $window ?? App\View\Floor\Window::of($picture)])
<svg class="floor-drawing" viewBox="{{ $box->viewBox() }}" role="img"
    aria-label="{{ $label }}"
preserveAspectRatio="xMidYMid meet" xmlns="http://www.w3.org/2000/svg" font-family="'Archivo Variable', Archivo, sans-serif">
<rect x="{{ $box->left }}" y="{{ $box->top }}" width="{{ $box->width }}" height="{{ $box->height }}"
    fill="{{ $ink->ground() }}"/>
<circle cx="0" cy="0" r="{{ $picture->radius }}" fill="none" stroke="{{ $ink->faint() }}" stroke-width="1"
    stroke-dasharray="1 5"/>
@foreach ($picture->hours as $hour)
    <line x1="{{ $hour['x1'] }}" y1="{{ $hour['y1'] }}" x2="{{ $hour['x2'] }}" y2="{{ $hour['y2'] }}" stroke="{{ $ink->faint() }}"
        stroke-width="{{ $hour['isMain'] ? 2 : 1 }}"/>
    <text x="{{ $hour['x'] }}" y="{{ $hour['y'] }}" font-size="9" text-anchor="middle" fill="{{ $ink->text() }}" opacity="{{ $hour['isMain']
        ? 1 : 0.8 }}">{{ $hour['label'] }}</text>
@endforeach
<g transform="{{ $picture->scalePlace() }}">
    <path d="M0 0h50M0 -3v6M50 -3v6" stroke="{{ $ink->text() }}" stroke-width="1.2" fill="none"/>
    <text x="25" y="-5" font-size="8.5" text-anchor="middle" fill="{{ $ink->text() }}">{{ __('floor.scale') }}</text>
</g>
@foreach ($picture->frames as $drawn)
    <g data-frame="{{ $drawn->frame->number }}" @class(['floor-frame', 'not-now' => ! $loop->first])>
        <g @class(['layer-reach', 'off' => count($picture->frames) > 1])>
            @foreach ($picture->reachOf($drawn) as $arc)<path d="{{ $arc }}" fill="none" stroke="{{ $ink->reached() }}" stroke-width="1.1"
                stroke-dasharray="6 3"/>@endforeach
        </g>
        <g class="layer-threats">
            @foreach ($picture->threatsOf($drawn) as $threat)
                <path d="{{ $threat['path'] }}" fill="none" stroke="{{ $ink->attacker() }}" stroke-width="{{ $threat['reaches'] ? 1.3 :
                    0.7 }}"
                    stroke-dasharray="{{ $threat['reaches'] ? '9 3' : '2 4' }}" opacity="0.75"/>
            @endforeach
        </g>
        @if ($drawn->path !== '')
            <polyline points="{{ $drawn->attackerPath }}" fill="none" stroke="{{ $ink->attacker() }}" stroke-width="1.6"
                stroke-dasharray="1 5" stroke-linecap="round"/>
            <polyline points="{{ $drawn->path }}" fill="none" stroke="{{ $ink->defender() }}" stroke-width="2" stroke-dasharray="1 5"
                stroke-linecap="round"/>
        @endif
        @foreach ($drawn->holds as $line)
            <line x1="{{ $line['x1'] }}" y1="{{ $line['y1'] }}" x2="{{ $line['x2'] }}" y2="{{ $line['y2'] }}"
                stroke="{{ $ink->attacker() }}" stroke-width="7"
                stroke-linecap="round" opacity="0.55"/>
        @endforeach
        @include('workbench.body', ['figure' => $drawn->attacker, 'colour' => $ink->attacker(), 'dash' => '4 2', 'of' => 'attacker',
            'named' => $picture->ring === [] ? $drawn->names['attacker'] : null])
        @include('workbench.body', ['figure' => $drawn->defender, 'colour' => $ink->defender(), 'dash' => null, 'of' => 'defender',
            'named' => $picture->ring === [] ? $drawn->names['defender'] : null])
        @foreach ($drawn->steps as $step)
            <text x="{{ $step['x'] }}" y="{{ $step['y'] }}" font-size="9" text-anchor="{{ $step['anchor'] }}" fill="{{ $ink->defender() }}"
                stroke="{{ $ink->ground() }}" stroke-width="3" paint-order="stroke">{{ $step['label'] }}</text>
        @endforeach
        @foreach ($drawn->strikes as $strike)
            <line x1="{{ $strike['x1'] }}" y1="{{ $strike['y1'] }}" x2="{{ $strike['x2'] }}" y2="{{ $strike['y2'] }}" stroke-width="3"
                stroke-linecap="round"
                stroke="{{ $strike['reaches'] ? $ink->reached() : $ink->attacker() }}" @if (! $strike['reaches']) stroke-dasharray="5 4"
                    @endif/>
            <text x="{{ $strike['lx'] }}" y="{{ $strike['ly'] }}" font-size="10" font-weight="700" text-anchor="{{ $strike['anchor'] }}"
                fill="{{ $ink->text() }}"
                stroke="{{ $ink->ground() }}" stroke-width="3" paint-order="stroke">{{ $strike['label'] }}</text>
        @endforeach
    </g>
@endforeach
@if ($picture->ring !== [])
    <g font-size="9" transform="{{ $picture->namesPlace() }}">
        <text fill="{{ $ink->defender() }}">{{ $picture->called('defender') }}</text>
        <text y="13" fill="{{ $ink->attacker() }}">{{ $picture->called('attacker') }}</text>
    </g>
@endif
@foreach ($picture->ring as $place)
    <g><title>{{ $place['text'] }}</title>
        <circle cx="{{ $place['x'] }}" cy="{{ $place['y'] }}" r="9" fill="{{ $ink->ground() }}" stroke="{{ $place['isSafe'] ?
            $ink->reached() : $ink->attacker() }}"
            stroke-width="{{ $place['stroke'] }}" @if ($place['isSafe']) stroke-dasharray="3 2" @endif/>
        <text x="{{ $place['x'] }}" y="{{ $place['line'] }}" font-size="10" font-weight="700" text-anchor="middle"
            fill="{{ $ink->text() }}">{{ $place['threats'] }}</text>
    </g>
@endforeach
</svg>
