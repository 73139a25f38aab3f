<x-layout :title="__('rose.title')">
<x-heading :title="__('rose.title')">
    <x-button size="sm" :href="route('rose.svg', $asked)" download>{{ __('wall.svg') }}</x-button>
    <x-button size="sm" :href="route('wall')">{{ __('layout.wall') }}</x-button>
</x-heading>
<form method="get" class="search-row">
    <x-select name="student" small class="w-auto" :aria-label="__('rose.school')"
        :options="['' => __('rose.school')] + $students" :value="$student?->id"/>
    <x-select name="by" small class="w-auto" :aria-label="__('rose.title')" :options="texts('rose.by')" :value="$by"/>
    <x-button size="sm" kind="rust">{{ __('beside.show') }}</x-button>
</form>
@if ($student)<p class="lead-line">{{ __('rose.of', ['name' => $student->name]) }}</p>@endif
<p class="form-text">{{ __('rose.key') }}</p>
@include('wall.rose-drawing', ['isLive' => true])
<details><summary>{{ __('rose.table') }}</summary>
    <ul>@foreach ($picture->sectors as $sector)
        @if (! $sector['isBlank'])<li><a href="{{ $sector['url'] }}">{{ $sector['text'] }}</a></li>@endif
    @endforeach</ul></details>
</x-layout>
