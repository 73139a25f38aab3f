<x-layout title="Record {{ $student->name }}" place="mat">
    <nav class="crumbs" aria-label="Steps"><a href="{{ route('record') }}">‹ somebody else</a> <a href="{{ route('students.show', $student) }}">ladder</a></nav>
    <h1>{{ $student->name }}: against what?</h1>
    @if ($columns === [])
        <div class="first-thing"><p class="mb-0">No attack of the catalogue is needed by {{ $student->rank->name }} or below.</p></div>
    @else
        <p class="lead-line">What needs it most comes first. Figures are lower bounds at rung {{ $goal }}, estimates.</p>
        @if ($student->flags !== [])<p class="caution text-bg-dark">Not with {{ $student->name }}: {{ implode(', ', array_map(fn ($flag) => Str::after($flag, 'no-'), $student->flags)) }}.</p>@endif
        <ul class="tiles">
            @foreach ($columns as $column)
                <li><a class="tile" href="{{ route('record.outcome', [$student, $attackIds[$column->attack->id], $column->side->value]) }}"><strong>{{ $column->title() }}</strong><small>{{ $column->says() }}</small></a></li>
            @endforeach
        </ul>
    @endif
</x-layout>
