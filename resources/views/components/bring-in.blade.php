@can('import', App\Models\School::class)
    <x-button :href="route('school').'#starters'">{{ __('school.see-starters') }}</x-button>
    <x-button :href="route('school').'#file'">{{ __('school.import-file') }}</x-button>
@endcan
