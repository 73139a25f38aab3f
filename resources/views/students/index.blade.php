<x-layout :title="__('students.people')">
<x-heading :title="__('students.people')">
    <x-button size="sm" data-key="v" :href="route('board')">{{ __('board.board') }}</x-button>
    @can('create', App\Models\Rep::class)<x-button size="sm" :href="route('reps.file')">{{ __('reps.file.title') }}</x-button>@endcan
    @can('create', App\Models\Student::class)
        <x-button size="sm" :href="route('people.file')">{{ __('students.file.title') }}</x-button>
        <x-button kind="rust" size="sm" data-key="n" :href="route('students.create')">{{ __('students.add') }}</x-button>
    @endcan
</x-heading>
@if ($ranks->isEmpty())
    <x-no-ranks/>
@elseif ($students->isEmpty())
    <x-no-students/>
@else
    <x-find-name of="people" :count="count($students)"/>
    <x-table id="people" :head="array_values(texts('students.columns'))">
        @foreach ($students as $student)
            <tr>
                <th scope="row"><a href="{{ route('students.show', $student) }}">{{ $student->name }}</a>
                    @if ($student->isYouth())<span class="tag">{{ __('words.under-16') }}</span>@endif</th>
                <td>{{ $student->rank->name }}</td>
                <td>{{ $student->heightText() }}</td>
                <td>{{ $student->barredText() }}</td>
                <td>{{ $student->repCount() }}</td>
                <td>{{ $student->lastRepText() }}</td>
            </tr>
        @endforeach
    </x-table>
@endif
</x-layout>
