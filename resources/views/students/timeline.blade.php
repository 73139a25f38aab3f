<h2 id="timeline">Timeline</h2>
<form class="search-row no-print" method="get" action="{{ route('students.show', $student) }}#timeline">
    <div><label class="form-label" for="attack">Attack</label><select class="form-select" id="attack" name="attack"><option value="">all of them</option>@foreach ($tried as $id => $title)<option value="{{ $id }}" @selected($id === $attack?->id)>{{ $title }}</option>@endforeach</select></div>
    <button class="btn btn-primary">Show</button>
</form>
@foreach ($proofs as $proof)<p class="mb-1"><span class="proof-sign {{ $proof->state->value }}" aria-hidden="true">{{ $proof->state->sign() }}</span> {{ count($proofs) === 1 ? ucfirst($proof->says()) : ($proof->side->value === 'written' ? 'As written: ' : 'Mirrored: ').$proof->says() }}.</p>@endforeach
@if ($timeline->marks !== [])
    <div class="scroll-x" tabindex="0" role="region" aria-label="The timeline as a drawing">
        <svg class="drawing timeline" viewBox="0 0 {{ $timeline->width }} {{ $timeline->height }}" role="img" aria-label="{{ count($timeline->marks) }} {{ Str::plural('rep', count($timeline->marks)) }} along time, by rung; the table below says the same.">
            <defs>
                <g id="try-whole"><circle r="3.6"/></g>
                <g id="try-half"><circle class="try-rim" r="3.3"/><path d="M0 -3.3 A3.3 3.3 0 0 1 0 3.3 Z"/></g>
                <g id="try-none"><path class="try-rim" d="M-3 -3 L3 3 M-3 3 L3 -3"/></g>
                <g id="try-aside"><rect class="try-rim" x="-2.6" y="-2.6" width="5.2" height="5.2"/></g>
            </defs>
            @foreach ($timeline->rungs as $rung)
                <text class="course-name" x="0" y="{{ $rung['y'] + 17 }}">{{ $rung['name'] }}</text>
                <path class="band" d="M92 {{ $rung['y'] + 26 }} H{{ $timeline->width }}"/>
            @endforeach
            @foreach ($timeline->months as $month)
                <path class="month" d="M{{ $month['x'] }} 0 V{{ $timeline->height - 14 }}"/><text class="month-name" x="{{ $month['x'] + 3 }}" y="{{ $timeline->height - 3 }}">{{ $month['name'] }}</text>
            @endforeach
            @foreach ($timeline->marks as $mark)
                <use class="try" href="#try-{{ $mark['shape'] }}" x="{{ $mark['x'] }}" y="{{ $mark['y'] }}"><title>{{ $mark['says'] }}</title></use>
            @endforeach
        </svg>
    </div>
    <div class="legend">
        <span><svg class="timeline" viewBox="-6 -5 12 10" aria-hidden="true"><use class="try" href="#try-whole"/></svg>clean</span>
        <span><svg class="timeline" viewBox="-6 -5 12 10" aria-hidden="true"><use class="try" href="#try-half"/></svg>scraped or recovered: half</span>
        <span><svg class="timeline" viewBox="-6 -5 12 10" aria-hidden="true"><use class="try" href="#try-none"/></svg>late, hit or froze</span>
        <span><svg class="timeline" viewBox="-6 -5 12 10" aria-hidden="true"><use class="try" href="#try-aside"/></svg>stopped, or at home: not counted</span>
        @if (count($timeline->marks) === App\Ladder\Timeline::MOST)<span>The latest {{ App\Ladder\Timeline::MOST }}; earlier ones are in the table.</span>@endif
    </div>
@endif
<table class="table table-sm">
    <thead><tr><th scope="col">When</th><th scope="col">Attack</th><th scope="col">Rung</th><th scope="col">Outcome</th><th scope="col">Faults</th><th scope="col"><span class="visually-hidden">Correct</span></th></tr></thead>
    <tbody>@foreach ($reps as $rep)
        <tr>
            <td>{{ $rep->at->format('j M Y, H:i') }}</td><td>{{ $rep->attack->title }}{{ $rep->side === 'mirrored' ? ' (mirrored)' : '' }}</td><td>{{ $rep->rung }}</td>
            <td>@if ($replaced->has($rep->id))<s>{{ $rep->outcome }}</s> corrected @else{{ $rep->outcome }}@endif{{ $rep->touched ? ', touched: '.$rep->touched : '' }}{{ $rep->source === 'home' ? ', at home, not counted' : '' }}@if ($rep->replaces) (a correction{{ $rep->reason ? ': '.$rep->reason : '' }}, by {{ $rep->recordedBy->name ?? 'somebody who left' }}, {{ $rep->recorded_at->format('j M, H:i') }})@endif</td>
            <td>{{ implode('; ', $rep->faults) }}</td>
            <td>@if (! $replaced->has($rep->id))@can('correct', $rep)<a href="{{ route('reps.correct', $rep) }}">Correct</a>@endcan @endif</td>
        </tr>
    @endforeach</tbody>
</table>
<x-paging :pages="$reps"/>
