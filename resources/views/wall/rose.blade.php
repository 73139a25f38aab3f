<x-layout :title="__('rose.title')">
<x-heading :title="__('rose.title')">
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
<svg class="rose-drawing" viewBox="-230 -230 460 460" role="group" aria-label="{{ __('rose.title') }}" xmlns="http://www.w3.org/2000/svg"
    font-family="'Archivo Variable', Archivo, sans-serif">
<circle r="9" fill="currentColor"/><path d="M-5 -13L0 -22L5 -13" fill="none" stroke="currentColor" stroke-width="2"/>
@foreach ($picture->sectors as $sector)
    @if ($sector['isBlank'])
        <path d="{{ $sector['path'] }}" class="rose-blank"/>
    @else
        <a href="{{ $sector['url'] }}"><title>{{ $sector['text'] }}</title><path d="{{ $sector['path'] }}" class="rose-ground"/>
            @if ($sector['fill'])<path d="{{ $sector['fill'] }}" class="rose-fill"/>@endif
            @if ($sector['crack'])<path d="{{ $sector['crack'] }}" class="rose-crack"/>@endif</a>
    @endif
@endforeach
@foreach ($picture->hours as $hour)<text x="{{ $hour['x'] }}" y="{{ $hour['y'] }}" font-size="12" text-anchor="middle"
    fill="currentColor">{{ $hour['label'] }}</text>@endforeach
@foreach ($picture->rings as $ring)<text x="0" y="{{ $ring['y'] }}" font-size="8" text-anchor="middle"
    class="rose-name">{{ $ring['label'] }}</text>@endforeach
</svg>
<details><summary>{{ __('rose.table') }}</summary>
    <ul>@foreach ($picture->sectors as $sector)
        @if (! $sector['isBlank'])<li><a href="{{ $sector['url'] }}">{{ $sector['text'] }}</a></li>@endif
    @endforeach</ul></details>
</x-layout>
