@php($drawing = new App\View\Ladder\LadderDrawing($ladder))
<x-figure :label="__('students.ladder.label')">
<svg class="drawing ladder" viewBox="0 0 {{ $drawing->width }} {{ $drawing->height }}" role="img"
    aria-label="{{ __('students.ladder.description') }}">
    @include('wall.patterns')
    @foreach ($drawing->rungs as $rung)
        <text class="course-name" x="0" y="{{ $rung['line'] }}">{{ $rung['name'] }}</text>
    @endforeach
    @foreach ($drawing->bricks as $brick)
        <g @class(['brick', $brick['state'], 'goal' => $brick['goal']])>
            <title>{{ $brick['text'] }}</title>
            <rect class="rim" x="{{ $brick['x'] }}" y="{{ $brick['y'] }}" width="{{ $brick['width'] }}" height="{{ $brick['height'] }}"
                rx="2"/>
            @if ($brick['fill'] > 0)
                <rect class="fill" x="{{ $brick['inner']['x'] }}" y="{{ $brick['inner']['y'] }}" width="{{ $brick['fill'] }}"
                    height="{{ $brick['inner']['height'] }}"/>
            @endif
            @if ($brick['holds'])<path class="tick" d="{{ $brick['tick'] }}"/>@endif
        </g>
    @endforeach
    @foreach ($drawing->columns as $column)
        @if ($column['fades'])<text class="fades" x="{{ $column['x'] }}" y="{{ $drawing->fadesLine() }}">{{ $column['fades'] }}</text>@endif
        <text class="column-name" transform="{{ $column['transform'] }}" text-anchor="end">{{ $column['name'] }}</text>
    @endforeach
</svg>
</x-figure>
<div class="legend">
@foreach (['holds' => 15, 'building' => 9, 'failing' => 9, 'faded' => 9, 'goal untried' => 0] as $state => $fill)
    <span><svg aria-hidden="true"><g class="brick {{ $state }}"><rect class="rim" x="1" y="1" width="20" height="13"/><rect
        class="fill" x="2" y="2" width="{{ $fill }}" height="11"/></g></svg>{{ __('students.ladder.legend.'.$state) }}</span>
@endforeach
</div>
<details class="mt-2"><summary data-key="t">{{ __('students.ladder.as-table') }}</summary>
<x-table class="mt-2" :head="$drawing->head()">
    @foreach ($drawing->rows as $row)
        <tr>
            <th scope="row">@can('create', App\Models\DrillList::class)<input type="checkbox" form="pick" name="cells[]"
                value="{{ $row['cell'] }}" aria-label="{{ __('lists.pick-side', ['title' => $row['title']]) }}">@endcan
                {{ $row['title'] }}</th>
            <td>{{ $row['state'] }}</td><td>{{ $row['lower'] }}</td><td>{{ $row['tries'] }}</td>
                <td>{{ $row['highest'] }}</td><td>{{ $row['fades'] }}</td>
        </tr>
    @endforeach
</x-table>
@can('create', App\Models\DrillList::class)@include('lists.pick', ['lists' => $student->school->drillLists])@endcan
</details>
