<x-layout :title="$student->name">
<x-heading :title="$student->name"><x-slot:beside><span class="tag">{{ $student->rank->name }}</span></x-slot></x-heading>
<div class="own-page" data-keep="{{ App\View\Worker::address() }}">
@include('students.coming', ['coming' => $page->coming])
<section aria-labelledby="own-dates"><h2 id="own-dates">{{ __('students.own.dates') }}</h2>
    @php($class = $page->nextClass())
    <p>{{ $class ? __('students.own.class', ['at' => school_time($class->at, 'D j M, H:i'), 'place' => $class->place]) :
        __('students.own.no-class') }}</p>
    @php($test = $page->nextTest())
    <p>{{ $test ? __('students.own.test', ['rank' => $test['test']->rank->name, 'at' => school_time($test['test']->at, 'D j M, H:i'),
        'ready' => $test['ready']]) : __('students.own.no-test') }}</p>
</section>
{!! $around !!}
<section aria-labelledby="own-ladder"><h2 id="own-ladder">{{ __('students.own.ladder') }}</h2>
    <p class="form-text">{{ __('students.own.held', ['held' => $page->ladder->held(), 'all' => count($page->ladder->rows),
        'rung' => $page->ladder->goal]) }}</p>
    @include('students.rungs', ['drawing' => $page->drawing, 'attackIds' => $page->attackIds])
    <x-button :href="route('students.show', $student)">{{ __('students.own.whole') }}</x-button>
</section>
</div>
</x-layout>
