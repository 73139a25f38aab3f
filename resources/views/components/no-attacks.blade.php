<x-empty :title="__('attacks.none.title')" :text="__('attacks.none.text')">
@can('create', App\Models\Attack::class)<x-button kind="rust" data-key="n"
    :href="route('attacks.create')">{{ __('attacks.add') }}</x-button>@endcan
@can('import', App\Models\School::class)<x-button :href="route('school').'#file'">{{ __('school.import-file') }}</x-button>@endcan
</x-empty>
