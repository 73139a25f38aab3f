<x-layout :title="__('tests.tests')">
<x-heading :title="__('tests.tests')">
    @can('create', App\Models\Test::class)
        <x-button kind="rust" size="sm" data-key="n" :href="route('tests.create')">{{ __('tests.add') }}</x-button>
    @endcan
    <x-button size="sm" :href="route('classes.index')">{{ __('layout.classes') }}</x-button>
</x-heading>
<p class="lead-line">{{ __('tests.lead') }}</p>
@if ($coming->isEmpty() && $past->isEmpty())
    <x-empty :text="__('tests.none')">@can('create', App\Models\Test::class)
        <x-button kind="rust" :href="route('tests.create')">{{ __('tests.add') }}</x-button>
    @endcan</x-empty>
@else
    <x-dated of="tests" :head="array_values(texts('tests.index-columns'))" :past="$past"
        :titled="[__('tests.coming') => $coming, __('tests.past') => $past]"/>
@endif
</x-layout>
