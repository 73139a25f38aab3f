<x-layout title="People">
    <div class="heading-row"><h1>People</h1><div class="actions"><a class="btn btn-plain btn-sm" data-key="b" href="{{ route('board') }}">The board</a>@can('create', App\Models\Rep::class)<a class="btn btn-plain btn-sm" href="{{ route('reps.file') }}">Reps as a file</a>@endcan @can('create', App\Models\Student::class)<a class="btn btn-rust btn-sm" data-key="n" href="{{ route('students.create') }}">Add a student</a>@endcan</div></div>
    @if ($ranks->isEmpty())<x-no-ranks/>
    @elseif ($students->isEmpty())
        <div class="first-thing"><h2 class="mt-0">Nobody trains here yet</h2><p>Add who trains; then record their reps and see what holds.</p>@can('create', App\Models\Student::class)<a class="btn btn-rust" href="{{ route('students.create') }}">Add a student</a>@endcan</div>
    @else
        <table class="table table-sm">
            <thead><tr><th scope="col">Name</th><th scope="col">Rank</th><th scope="col">Stature</th><th scope="col">Not with them</th><th scope="col">Reps</th><th scope="col">Last</th></tr></thead>
            <tbody>@foreach ($students as $student)
                <tr><th scope="row"><a href="{{ route('students.show', $student) }}">{{ $student->name }}</a> @if ($student->born?->addYears(16)->isFuture())<span class="tag">under 16</span>@endif</th><td>{{ $student->rank->name }}</td>
                    <td>{{ $student->height === null ? 'not known' : number_format($student->height, 2).' m' }}</td><td>{{ implode(', ', $student->flags) }}</td><td>{{ $student->reps_count }}</td><td>{{ $student->reps_max_at === null ? 'never' : Illuminate\Support\Carbon::parse($student->reps_max_at)->format('j M Y') }}</td></tr>
            @endforeach</tbody>
        </table>
    @endif
</x-layout>
