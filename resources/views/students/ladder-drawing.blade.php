{{-- A ladder alone in a file. --}}
<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 {{ $sheet->width }} {{ $sheet->height }}" role="img"
    font-family="'Archivo Variable', Archivo, sans-serif" font-size="12">
<rect class="ground" width="{{ $sheet->width }}" height="{{ $sheet->height }}"/>
@include('wall.patterns')
<text x="20" y="26" font-size="17" font-weight="700">{{ $title }}</text>
<text x="20" y="42" class="about">{{ $about }}</text>
@foreach ($sheet->heads as $head)
    <text x="{{ $head['x'] }}" y="{{ $head['y'] }}" dy="12" font-weight="700">{{ $head['name'] }} {{ $head['share'] }}</text>
    <g transform="translate({{ $sheet->bricksAt($head['x']) }} {{ $head['y'] }})">
        @foreach ($sheet->drawing->rungs as $rung)<text x="{{ $rung['x'] }}" y="12" text-anchor="middle"><title>{{ $rung['text']
            }}</title>{{ $rung['label'] }}</text>@endforeach
    </g>
@endforeach
@foreach ($sheet->rows as $line)
    <text x="{{ $line['x'] }}" y="{{ $line['y'] }}" dy="12">{{ $line['row']['title'] }}</text>
    <g transform="translate({{ $sheet->bricksAt($line['x']) }} {{ $line['y'] }})">
        @include('students.bricks', ['bricks' => $line['row']['bricks']])
    </g>
    <text x="{{ $sheet->dayAt($line['x']) }}" y="{{ $line['y'] }}" dy="12" text-anchor="end">{{ $line['row']['fadesShort'] }}</text>
@endforeach
</svg>
