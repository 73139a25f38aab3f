<x-layout title="Ladder of {{ $student->name }}">
    <div class="heading-row">
        <h1>{{ $student->name }}</h1><span class="tag">{{ $student->rank->name }}</span>
        <div class="actions no-print">
            @can('create', App\Models\Rep::class)<a class="btn btn-rust btn-sm" data-key="n" href="{{ route('record.attacks', $student) }}">Record a rep</a>@endcan
            @can('update', $student)<a class="btn btn-plain btn-sm" href="{{ route('students.edit', $student) }}">Edit</a>@endcan
        </div>
    </div>
    @if ($ladder->columns === [])
        <div class="first-thing"><h2 class="mt-0">Nothing to climb yet</h2><p>No attack of the catalogue is needed by {{ $student->rank->name }} or below.</p></div>
    @else
        <p class="lead-line">Holds {{ $ladder->held() }} of {{ count($ladder->columns) }} at rung {{ $ladder->goal }}, the goal of {{ $student->rank->name }}. A brick is filled to the lower bound of what {{ $count }} {{ Str::plural('rep', $count) }} prove; estimates all.</p>
        @include('students.ladder')
    @endif
    <h2>Latest reps</h2>
    @if ($latest->isEmpty())
        <p>No rep is recorded yet. @can('create', App\Models\Rep::class)<a href="{{ route('record.attacks', $student) }}">Record the first</a>@endcan</p>
    @else
        <table class="table table-sm">
            <thead><tr><th scope="col">When</th><th scope="col">Attack</th><th scope="col">Rung</th><th scope="col">Outcome</th><th scope="col">Faults</th><th scope="col"><span class="visually-hidden">Correct</span></th></tr></thead>
            <tbody>@foreach ($latest as $rep)
                <tr>
                    <td>{{ $rep->at->format('j M, H:i') }}</td><td>{{ $rep->attack->title }}{{ $rep->side === 'mirrored' ? ' (mirrored)' : '' }}</td><td>{{ $rep->rung }}</td>
                    <td>@if ($replaced->has($rep->id))<s>{{ $rep->outcome }}</s> corrected @else{{ $rep->outcome }}@endif{{ $rep->touched ? ', touched: '.$rep->touched : '' }}{{ $rep->source === 'home' ? ', at home, not counted' : '' }}@if ($rep->replaces) (a correction{{ $rep->reason ? ': '.$rep->reason : '' }}, by {{ $rep->recordedBy->name ?? 'somebody who left' }}, {{ $rep->recorded_at->format('j M, H:i') }})@endif</td>
                    <td>{{ implode('; ', $rep->faults) }}</td>
                    <td>@if (! $replaced->has($rep->id))@can('correct', $rep)<a href="{{ route('reps.correct', $rep) }}">Correct</a>@endcan @endif</td>
                </tr>
            @endforeach</tbody>
        </table>
    @endif
</x-layout>
