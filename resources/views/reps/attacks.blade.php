<x-layout :title="__('reps.record-name', ['name' => $student->name])" place="mat">
<nav class="crumbs" aria-label="{{ __('reps.steps') }}">
    <a href="{{ route('record') }}">‹ {{ __('reps.somebody-else') }}</a> <a href="{{ route('students.show',
        $student) }}">{{ __('reps.ladder') }}</a>
</nav>
<h1>{{ __('reps.against-what', ['name' => $student->name]) }}</h1>
@if ($rows === [])
    <x-empty :text="__('students.nothing-needed', ['rank' => $student->rank->name])"/>
@else
    <p class="lead-line">{{ __('reps.neediest-first', ['rung' => $goal]) }}</p>
    @if ($student->flags !== [])<x-caution dark>{{ __('reps.not-allowed', ['name' => $student->name,
        'hazards' => $student->barredText()]) }}</x-caution>@endif
    <ul class="tiles">
        @foreach ($rows as $row)
            <li><a class="tile" href="{{ route('record.outcome', [$student, $attackIds[$row->attack->id],
                $row->side->value]) }}"><strong>{{
                $row->title() }}</strong><small>{{ $row->text() }}</small></a></li>
        @endforeach
    </ul>
@endif
</x-layout>
