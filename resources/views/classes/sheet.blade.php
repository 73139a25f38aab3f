<x-layout :title="__('classes.sheet-of', ['day' => school_time($class->at, 'j M Y')])">
<x-heading :title="__('classes.title', ['day' => school_time($class->at, 'D j M Y, H:i')])">
    <x-button size="sm" :href="route('classes.show', $class)">{{ __('words.back') }}</x-button>
</x-heading>
<div class="class-sheet">
<p>{{ $page->facts() }} · {{ $page->untilWhen() }}</p>
<p>@foreach ($page->timetable->rows as $row)<strong>{{ $row['begins'] }}</strong> {{ $row['name'] }}
    {{ $row['minutes'] }}@if (! $loop->last) · @endif @endforeach</p>
@if ($page->basics() !== [])<p><strong>{{ __('classes.basics') }}:</strong> {{ implode(' · ', $page->basics()) }}</p>@endif
@foreach ($page->groups() as $group)
    <p><strong>{{ $group['ranks'] }}:</strong> {{ implode(' · ', array_column($group['taught'], 'title')) }}<br>
        <small>{{ $group['names'] }}</small>
        @if ($group['drilled'] !== [])<br><small>{{ __('classes.drill.again', ['rungs' => $group['rungs'],
            'answers' => implode(' · ', array_column($group['drilled'], 'title'))]) }}</small>@endif</p>
@endforeach
@foreach ($page->partners()->tables ?? [] as $table)
    <h2>{{ $table['name'] }} <small>{{ $table['reps'] }}</small></h2>
    <div class="rounds">@foreach ($table['rounds'] as $pairs)
        <section><h3>{{ __('classes.partners.round', ['number' => $loop->iteration]) }}</h3>
        <ul>@foreach ($pairs as $pair)<li>{{ $pair }}</li>@endforeach</ul></section>@endforeach</div>
@endforeach
<h2>{{ __('classes.pressure') }}</h2>
<ul class="people-lines">@foreach ($page->pressure()->rows() as $row)
    <li><strong>{{ $row['name'] }}</strong>: {{ implode(' · ', [$row['next'], ...array_slice($row['moves'], 0, 1),
        ...$row['test'] === '' ? [] : [$row['test']]]) }}</li>@endforeach</ul>
@include('classes.home', ['home' => $page->home()])
</div>
</x-layout>
