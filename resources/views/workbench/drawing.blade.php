<svg class="floor-drawing" viewBox="{{ $picture->left }} {{ $picture->top }} {{ $picture->width }} {{ $picture->height }}" role="img" aria-label="{{ $label }}" preserveAspectRatio="xMidYMid meet" xmlns="http://www.w3.org/2000/svg" font-family="'Archivo Variable', Archivo, sans-serif">
    <rect x="{{ $picture->left }}" y="{{ $picture->top }}" width="{{ $picture->width }}" height="{{ $picture->height }}" fill="{{ $picture->palette->ground() }}"/>
    <circle cx="0" cy="0" r="{{ App\Floor\FloorPicture::RING }}" fill="none" stroke="{{ $picture->palette->faint() }}" stroke-width="1" stroke-dasharray="1 5"/>
    @foreach ($picture->hours as $hour)
        <line x1="{{ $hour['x1'] }}" y1="{{ $hour['y1'] }}" x2="{{ $hour['x2'] }}" y2="{{ $hour['y2'] }}" stroke="{{ $picture->palette->faint() }}" stroke-width="{{ $hour['isMain'] ? 2 : 1 }}"/>
        <text x="{{ $hour['x'] }}" y="{{ $hour['y'] + 3 }}" font-size="9" text-anchor="middle" fill="{{ $picture->palette->text() }}" @if (! $hour['isMain']) opacity="0.8" @endif>{{ $hour['label'] }}</text>
    @endforeach
    <g transform="translate({{ $picture->left + 14 }} {{ $picture->top + $picture->height - 12 }})"><path d="M0 0h50M0 -3v6M50 -3v6" stroke="{{ $picture->palette->text() }}" stroke-width="1.2" fill="none"/><text x="56" y="3" font-size="8.5" fill="{{ $picture->palette->text() }}">50 cm, an estimate</text></g>
    @foreach ($picture->frames as $index => $drawn)
        <g data-frame="{{ $drawn->frame->number }}" class="floor-frame @if ($index > 0) not-now @endif">
            <g class="layer-reach @if (count($picture->frames) > 1) off @endif">@foreach ($picture->palette === App\Floor\Palette::Paper ? [] : $drawn->reach as $arc)<path d="{{ $arc }}" fill="none" stroke="{{ $picture->palette->reached() }}" stroke-width="1.1" stroke-dasharray="6 3"/>@endforeach</g>
            <g class="layer-threats">@foreach ($drawn->threats as $threat)@continue($picture->palette === App\Floor\Palette::Paper && ! $threat['reaches'])<path d="{{ $threat['path'] }}" fill="none" stroke="{{ $picture->palette->attacker() }}" stroke-width="{{ $threat['reaches'] ? 1.3 : 0.7 }}" stroke-dasharray="{{ $threat['reaches'] ? '9 3' : '2 4' }}" opacity="0.75"/>@endforeach</g>
            @if ($drawn->path !== '')<polyline points="{{ $drawn->hisPath }}" fill="none" stroke="{{ $picture->palette->attacker() }}" stroke-width="1.6" stroke-dasharray="1 5" stroke-linecap="round"/><polyline points="{{ $drawn->path }}" fill="none" stroke="{{ $picture->palette->defender() }}" stroke-width="2" stroke-dasharray="1 5" stroke-linecap="round"/>@endif
            @foreach ($drawn->holds as $line)<line x1="{{ $line['x1'] }}" y1="{{ $line['y1'] }}" x2="{{ $line['x2'] }}" y2="{{ $line['y2'] }}" stroke="{{ $picture->palette->attacker() }}" stroke-width="7" stroke-linecap="round" opacity="0.55"/>@endforeach
            @include('workbench.figure', ['figure' => $drawn->attacker, 'colour' => $picture->palette->attacker(), 'name' => 'he', 'dash' => '4 2'])
            @include('workbench.figure', ['figure' => $drawn->defender, 'colour' => $picture->palette->defender(), 'name' => 'you', 'dash' => 'none'])
            @foreach ($drawn->strikes as $strike)
                <line x1="{{ $strike['x1'] }}" y1="{{ $strike['y1'] }}" x2="{{ $strike['x2'] }}" y2="{{ $strike['y2'] }}" stroke="{{ $strike['reaches'] ? $picture->palette->reached() : $picture->palette->attacker() }}" stroke-width="3" @if (! $strike['reaches']) stroke-dasharray="5 4" @endif stroke-linecap="round"/>
                <text x="{{ $strike['lx'] }}" y="{{ $strike['ly'] + 3 + 11 * $loop->index }}" font-size="10" font-weight="700" text-anchor="{{ $strike['lx'] > ($strike['x1'] + $strike['x2']) / 2 ? 'start' : 'end' }}" fill="{{ $picture->palette->text() }}" stroke="{{ $picture->palette->ground() }}" stroke-width="3" paint-order="stroke">{{ $strike['reaches'] ? $strike['label'] : '✕ '.$strike['label'] }}</text>
            @endforeach
        </g>
    @endforeach
    @foreach ($picture->ring as $place)
        <g><title>{{ $place['says'] }}</title><circle cx="{{ $place['x'] }}" cy="{{ $place['y'] }}" r="9" fill="{{ $picture->palette->ground() }}" stroke="{{ $place['threats'] === 0 ? $picture->palette->reached() : $picture->palette->attacker() }}" stroke-width="{{ 1 + $place['threats'] * 0.8 }}" @if ($place['threats'] === 0) stroke-dasharray="3 2" @endif/>
        <text x="{{ $place['x'] }}" y="{{ $place['y'] + 3.4 }}" font-size="10" font-weight="700" text-anchor="middle" fill="{{ $picture->palette->text() }}">{{ $place['threats'] }}</text></g>
    @endforeach
</svg>
