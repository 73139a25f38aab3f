<x-layout :title="__('reps.record')" place="mat">
<h1>{{ __('reps.who') }}</h1>
@if ($ranks->isEmpty())
    <x-no-ranks/>
@elseif ($students->isEmpty())
    <x-no-students/>
@else
    <x-find-name of="people" :count="count($students)"/>
    <ul class="tiles" id="people">
        @foreach ($students as $student)
            <li><a class="tile" href="{{ route('record.attacks',
                $student) }}"><strong>{{ $student->name }}</strong><small>{{ $student->notes() }}</small></a></li>
        @endforeach
    </ul>
@endif
</x-layout>
