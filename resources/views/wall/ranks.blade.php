<x-layout :title="__('load.title')">
<x-heading :title="__('load.heading')"><x-button size="sm" :href="route('wall')">{{ __('wall.back') }}</x-button></x-heading>
@if ($hasNoRank)
    <x-no-ranks/>
@elseif ($hasNoAnswer)
    <x-empty :text="__('load.no-answer')"><a href="{{ route('wall') }}">{{ __('load.to-the-holes') }}</a></x-empty>
@else
    {!! $body !!}
    <p class="form-text">{{ __('load.estimates') }}</p>
@endif
</x-layout>
