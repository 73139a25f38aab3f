<x-layout :title="__('layout.classes')">
<x-heading :title="__('layout.classes')">
    <x-button size="sm" :href="route('tests.index')">{{ __('tests.tests') }}</x-button>
    @can('create', App\Models\TrainingClass::class)
        <x-button kind="rust" size="sm" data-key="n" :href="route('classes.create')">{{ __('classes.add') }}</x-button>
    @endcan
</x-heading>
<p class="lead-line">{{ __('classes.lead') }}</p>
@if ($coming->isEmpty() && $past->isEmpty())
    <x-empty :text="__('classes.none')">@can('create', App\Models\TrainingClass::class)
        <x-button kind="rust" :href="route('classes.create')">{{ __('classes.add') }}</x-button>
    @endcan</x-empty>
@else
    <x-dated of="classes" :head="array_values(texts('classes.index-columns'))" :past="$past" :words="$words"
        :titled="[__('classes.coming') => $coming, __('classes.past') => $past]"/>
@endif
</x-layout>
