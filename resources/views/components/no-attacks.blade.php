<x-empty :title="__('attacks.none.title')" :text="__('attacks.none.text')">
@can('create', App\Models\Attack::class)<x-button kind="rust" data-key="n"
    :href="route('attacks.create')">{{ __('attacks.add') }}</x-button>@endcan
<x-bring-in/>
</x-empty>
