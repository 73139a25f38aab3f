<x-empty :title="__('students.none.title')" :text="__('students.none.text')">
@can('create', App\Models\Student::class)<x-button :href="route('people.file')">{{ __('students.file.title') }}</x-button>
<x-button kind="rust" :href="route('students.create')">{{ __('students.add') }}</x-button>@endcan
</x-empty>
