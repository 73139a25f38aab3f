<x-layout :title="__('people.title', ['name' => $student->name])">
<x-heading :title="__('people.title', ['name' => $student->name])">
    <x-button size="sm" :href="route('data.export', $student)" download>{{ __('people.export') }}</x-button>
    @can('update', $student)<x-button size="sm" :href="route('students.edit', $student)">{{ __('people.correct') }}</x-button>@endcan
    <x-button size="sm" :href="route('students.show', $student)">{{ __('words.back') }}</x-button>
</x-heading>
<p class="lead-line">{{ __('people.lead') }}</p>
<x-invalid/>
<x-table :head="array_values(texts('people.columns'))">
    @foreach ($rows as $row)
        <tr><th scope="row">{{ $row['what'] }}</th><td>{{ $row['kept'] }}</td><td>{{ $row['why'] }}</td></tr>
    @endforeach
</x-table>
@can('delete', $student)
    <h2>{{ __('people.erase') }}</h2>
    <p class="lead-line">{{ __('people.erase-lead') }}</p>
    <p>{{ $backups }}</p>
    <form method="post" action="{{ route('data.erase', $student) }}" class="slab">
        @csrf
        @method('delete')
        <x-field name="name" class="narrow-field mb-2" :label="__('people.type-name', ['name' => $student->name])">
            <x-input name="name" :value="old('name')" required autocomplete="off"/>
        </x-field>
        <x-button>{{ __('people.erase') }}</x-button>
    </form>
@endcan
</x-layout>
