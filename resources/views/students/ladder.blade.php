@php($drawing = new App\Ladder\LadderDrawing($ladder))
<div class="scroll-x" tabindex="0" role="region" aria-label="The ladder as a drawing">
    <svg class="drawing ladder" viewBox="0 0 {{ $drawing->width }} {{ $drawing->height }}" role="img" aria-label="The ladder as a drawing; the table below says the same.">
        @include('wall.patterns')
        @foreach ($drawing->rungs as $rung)
            <text class="course-name" x="0" y="{{ $rung['y'] + 15 }}">{{ $rung['name'] }}</text>
        @endforeach
        @foreach ($drawing->bricks as $brick)
            <g class="brick {{ $brick['state'] }} @if ($brick['goal']) goal @endif">
                <title>{{ $brick['says'] }}</title>
                <rect class="rim" x="{{ $brick['x'] }}" y="{{ $brick['y'] }}" width="{{ $brick['width'] }}" height="{{ $brick['height'] }}" rx="2"/>
                @if ($brick['fill'] > 0)<rect class="fill" x="{{ $brick['x'] + 1 }}" y="{{ $brick['y'] + 1 }}" width="{{ $brick['fill'] }}" height="{{ $brick['height'] - 2 }}"/>@endif
                @if ($brick['holds'])<path class="tick" d="M{{ $brick['x'] + 3 }} {{ $brick['y'] + 11 }} l3.5 4 l6 -8"/>@endif
            </g>
        @endforeach
        @foreach ($drawing->columns as $column)
            @if ($column['fades'])<text class="fades" x="{{ $column['x'] }}" y="{{ $drawing->foot + 11 }}">{{ $column['fades'] }}</text>@endif
            <text class="column-name" transform="translate({{ $column['x'] + 4 }} {{ $drawing->foot + 18 }}) rotate(-90)" text-anchor="end">{{ Str::limit($column['name'], 40, '…') }}</text>
        @endforeach
    </svg>
</div>
<div class="legend">
    <span><svg aria-hidden="true"><g class="brick holds"><rect class="rim" x="1" y="1" width="20" height="13"/><rect class="fill" x="2" y="2" width="15" height="11"/></g></svg>holds, and the day it fades under the column</span>
    <span><svg aria-hidden="true"><g class="brick building"><rect class="rim" x="1" y="1" width="20" height="13"/><rect class="fill" x="2" y="2" width="9" height="11"/></g></svg>building</span>
    <span><svg aria-hidden="true"><g class="brick failing"><rect class="rim" x="1" y="1" width="20" height="13"/><rect class="fill" x="2" y="2" width="9" height="11"/></g></svg>failing</span>
    <span><svg aria-hidden="true"><g class="brick faded"><rect class="rim" x="1" y="1" width="20" height="13"/><rect class="fill" x="2" y="2" width="9" height="11"/></g></svg>faded: held once</span>
    <span><svg aria-hidden="true"><g class="brick goal untried"><rect class="rim" x="1" y="1" width="20" height="13"/></g></svg>heavy rim: the goal rung</span>
</div>
<details class="mt-2"><summary data-key="t">The ladder as a table</summary>
    <table class="table table-sm mt-2">
        <thead><tr><th scope="col">Attack</th><th scope="col">At rung {{ $ladder->goal }}</th><th scope="col">Lower bound</th><th scope="col">Of tries</th><th scope="col">Highest rung held</th><th scope="col">Fades on</th></tr></thead>
        <tbody>@foreach ($drawing->rows as $row)<tr><th scope="row">{{ $row['title'] }}</th><td>{{ $row['state'] }}</td><td>{{ $row['lower'] }}</td><td>{{ $row['tries'] }}</td><td>{{ $row['highest'] }}</td><td>{{ $row['fades'] }}</td></tr>@endforeach</tbody>
    </table>
</details>
