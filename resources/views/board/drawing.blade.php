{{-- The board alone in a file. --}}
<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 {{ $sheet->width }} {{ $sheet->height }}" role="img"
    font-family="'Archivo Variable', Archivo, sans-serif" font-size="13">
<rect class="ground" width="{{ $sheet->width }}" height="{{ $sheet->height }}"/>
<text x="20" y="30" font-size="18" font-weight="700">{{ $title }}</text>
@foreach ($sheet->people as $person)<text x="{{ $person['x'] }}" y="{{ $person['y'] }}">{{ $person['text'] }}</text>@endforeach
<g transform="translate({{ $sheet->placesAt }} {{ $sheet->headsAt }})" text-anchor="middle" font-weight="700">
    @foreach ($board->heads() as $head)<text x="{{ $head['x'] }}" y="17"><title>{{ $head['name'] }}</title>{{
        $head['number'] }}</text>@endforeach
</g>
@foreach ($sheet->families as $family)<text x="20" y="{{ $family['y'] }}" dy="17" font-weight="700">{{ $family['name'] }}</text>@endforeach
@foreach ($sheet->lines as $line)
    <text x="20" y="{{ $line['y'] }}" dy="17">{{ $line['line']->title }}</text>
    <g transform="translate({{ $sheet->placesAt }} {{ $line['y'] }})" text-anchor="middle" font-weight="800"><title>{{ $line['line']->text
        }}</title>
        @foreach ($line['line']->shapes as $shape)<path class="proof-place {{ $shape['state'] }}" d="{{ $shape['path'] }}"/><text
            class="{{ $shape['state'] }}" x="{{ $shape['places'] }}" y="17">{{ $shape['signs'] }}</text>@endforeach
    </g>
@endforeach
<text x="20" y="{{ $sheet->keyAt }}">{{ $sheet->key() }}</text>
</svg>
