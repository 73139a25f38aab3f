<x-layout title="Record" place="mat">
    <h1>Who?</h1>
    @if ($ranks->isEmpty())<x-no-ranks/>
    @elseif ($students->isEmpty())
        <div class="first-thing"><h2 class="mt-0">Nobody trains here yet</h2><p>Add who trains, then record their reps here.</p><a class="btn btn-rust" href="{{ route('students.create') }}">Add a student</a></div>
    @else
        <ul class="tiles">@foreach ($students as $student)<li><a class="tile" href="{{ route('record.attacks', $student) }}"><strong>{{ $student->name }}</strong><small>{{ $student->rank->name }}{{ $student->born?->addYears(16)->isFuture() ? ' · under 16' : '' }}@if ($student->flags !== []) · {{ implode(', ', $student->flags) }}@endif</small></a></li>@endforeach</ul>
    @endif
</x-layout>
