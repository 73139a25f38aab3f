<x-layout :title="__('lists.make')">
<x-heading :title="__('lists.make')"><x-button size="sm" :href="route('drill-lists.index')">{{ __('lists.all') }}</x-button></x-heading>
<p class="lead-line">{{ __('lists.lead') }}</p>
@if ($form->families === [])
    <x-no-attacks/>
@else
<x-invalid/>
<div class="pairs-and-rows">
    @include('lists.choice')
    <section id="rows" aria-labelledby="rows-title" aria-live="polite">@include('lists.rows')</section>
</div>
@endif
</x-layout>
