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
        @if (count($ladder->shown) < count($ladder->columns))<p class="form-text">{{ count($ladder->shown) }} of {{ number_format(count($ladder->columns)) }} are drawn: those tried first, then those that happen most.</p>@endif
        @include('students.ladder')
    @endif
    @if ($count === 0)
        <h2>Timeline</h2>
        <p>No rep is recorded yet. @can('create', App\Models\Rep::class)<a href="{{ route('record.attacks', $student) }}">Record the first</a>@endcan</p>
    @else
        @include('students.timeline')
    @endif
</x-layout>
