<x-layout :title="__('students.ladder-of', ['name' => $student->name])">
<x-heading :title="$student->name">
    <x-slot:beside><span class="tag">{{ $student->rank->name }}</span></x-slot>
    @can('create', App\Models\Rep::class)
        <x-button kind="rust" size="sm" data-key="n" :href="route('record.attacks', $student)">{{ __('reps.record-a-rep') }}</x-button>
    @endcan
    @can('update', $student)<x-button size="sm" data-key="e" :href="route('students.edit', $student)">{{
        __('words.edit') }}</x-button>@endcan
    <x-button size="sm" :href="route('students.own', $student)">{{ __('students.own.short') }}</x-button>
    <x-button size="sm" :href="route('home.show', $student)">{{ __('home.short') }}</x-button>
    <x-button size="sm" :href="route('data.show', $student)">{{ __('students.data') }}</x-button>
</x-heading>
@if ($ladder->rows === [])
    <x-empty :title="__('students.nothing-to-climb')" :text="__('students.nothing-needed', ['rank' => $student->rank->name])"/>
@else
    <p class="lead-line">{{ trans_choice('students.ladder.lead', $count, [
        'held' => $ladder->held(), 'all' => count($ladder->rows), 'rung' => $ladder->goal, 'rank' => $student->rank->name,
    ]) }}</p>
    @if (count($ladder->shown) < count($ladder->rows))
        <p class="form-text">{{ __('students.ladder.part', ['shown' => count($ladder->shown),
            'all' => number_format(count($ladder->rows))]) }}</p>
    @endif
    @include('students.ladder')
@endif
@if ($ready)@include('students.ready')@endif
{!! $around !!}
<h2 id="timeline">{{ __('students.timeline.title') }}</h2>
@if ($count === 0)
    <p>{{ __('students.timeline.none') }}
        @can('create', App\Models\Rep::class)<a href="{{ route('record.attacks',
            $student) }}">{{ __('students.timeline.first') }}</a>@endcan</p>
@elseif ($log === null)
    <div hx-get="{{ route('students.log', $student) }}" hx-trigger="intersect once" hx-swap="outerHTML">
        <p class="form-text">{{ __('students.timeline.comes') }}</p>
    </div>
@else
    @include('students.timeline')
@endif
</x-layout>
