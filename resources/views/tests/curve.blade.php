<x-figure :label="__('tests.season.curve')">
<svg class="drawing season-curve" viewBox="0 0 {{ $curve::WIDTH }} {{ $curve::HEIGHT }}" role="img"
    aria-label="{{ __('tests.season.curve-is') }}">
    @foreach ($curve->marks as $mark)
        <line class="mark" x1="44" x2="{{ $curve::RIGHT }}" y1="{{ $mark['y'] }}" y2="{{ $mark['y'] }}"/>
        <text class="scale" x="38" y="{{ $mark['line'] }}" text-anchor="end">{{ $mark['text'] }}</text>
    @endforeach
    <line class="day" x1="{{ $curve->day }}" x2="{{ $curve->day }}" y1="4" y2="{{ $curve::FLOOR }}"/>
    <text class="scale" x="44" y="{{ $curve::FOOT_LINE }}">{{ $curve->from }}</text>
    <text class="scale" x="{{ $curve::RIGHT }}" y="{{ $curve::FOOT_LINE }}" text-anchor="end">{{ $curve->to }}</text>
    @foreach ($curve->lines as $line)
        <polyline class="curve {{ $line['name'] }}" points="{{ $line['line'] }}"/>
        @foreach ($line['points'] as $point)
            <circle class="point {{ $line['name'] }}" cx="{{ $point['x'] }}" cy="{{ $point['y'] }}" r="3"><title>{{
                $point['text'] }}</title></circle>
        @endforeach
    @endforeach
</svg>
</x-figure>
<div class="legend">
@foreach ($curve->lines as $line)
    <span><svg aria-hidden="true" class="season-key" viewBox="0 0 30 10"><polyline class="curve {{ $line['name'] }}"
        points="1,5 29,5"/></svg>{{
        __('tests.season.lines.'.$line['name']) }}</span>
@endforeach
<x-save-drawing of="svg.season-curve" :name="__('tests.season.curve')"/>
</div>
<details><summary>{{ __('tests.season.as-table') }}</summary>
<x-table class="w-auto" :head="array_values(texts('tests.season.curve-columns'))">
    @foreach ($curve->lines as $line)
        @foreach ($line['points'] as $point)
            <tr><th scope="row">{{ __('tests.season.lines.'.$line['name']) }}</th><td>{{ $point['text'] }}</td></tr>
        @endforeach
    @endforeach
</x-table>
</details>
