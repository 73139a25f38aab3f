<x-empty :title="__('school.no-ranks.title')" :text="__('school.no-ranks.text')">
@can('create', App\Models\Rank::class)
    <x-button kind="rust" :href="route('school')">{{ __('school.no-ranks.name') }}</x-button>
    <x-bring-in/>
@else
    <p class="mb-0">{{ __('school.no-ranks.ask') }}</p>
@endcan
</x-empty>
