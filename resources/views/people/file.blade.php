<x-layout :title="__('students.file.title')">
<x-heading :title="__('students.file.title')">
    @foreach (App\Persistence\Spreadsheet::FORMATS as $format)
        <x-button size="sm" :href="route('people.export', $format)" download>{{ __('words.spreadsheet.export.'.$format) }}</x-button>
    @endforeach
    <x-button size="sm" :href="route('students.index')">{{ __('words.back') }}</x-button>
</x-heading>
<p class="lead-line">{{ __('students.file.lead', ['max' => number_format(App\Persistence\PeopleLines::MAX)]) }}</p>
<x-invalid/>
<form method="post" action="{{ route('people.check') }}" enctype="multipart/form-data" class="slab">
    @csrf
    <x-field name="rows" :label="__('students.file.paste')" :hint="__('students.file.paste-hint')">
        <textarea class="form-control" id="rows" name="rows" rows="8" aria-describedby="rows-hint">{{ old('rows', $text) }}</textarea>
    </x-field>
    <x-field name="file" class="narrow-field mt-2" :label="__('students.file.or-file')"><x-input name="file" type="file"
        accept=".csv,.txt,.tsv,.xlsx"/></x-field>
    @if ($lines)
        <div class="facet-grid mt-3">
            @foreach ($lines->columns as $field => $column)
                <x-field :name="'columns['.$field.']'" :id="'column-'.$field" :label="__('students.file.fields.'.$field)">
                    <x-select :name="'columns['.$field.']'" :id="'column-'.$field" :options="['' => '–'] + $lines->heads" :value="$column"/>
                </x-field>
            @endforeach
            <x-field name="day_first" :label="__('students.file.days')">
                <x-select name="day_first" :options="['1' => __('students.file.day-first'), '0' => __('students.file.month-first')]"
                    :value="$isDayFirst ? '1' : '0'"/>
            </x-field>
        </div>
    @endif
    <p class="step-buttons">
        <x-button :kind="$lines ? 'plain' : 'rust'">{{ __('words.preview') }}</x-button>
        @if ($lines && $lines->countNew() > 0 && ! $lines->isTooLong)
            <x-button kind="rust" formaction="{{ route('people.import') }}">
                {{ trans_choice('students.file.add', $lines->countNew()) }}</x-button>
        @endif
    </p>
</form>
@if ($lines)
    <section aria-live="polite" class="mt-3">
    <h2>{{ __('students.file.would') }}</h2>
    @if ($lines->isTooLong)
        <div class="flash flash-error" role="alert">{{ __('students.file.too-long', ['max' => number_format($lines::MAX)]) }}</div>
    @endif
    <p>{{ trans_choice('students.file.new', $lines->countNew()) }} {{ trans_choice('students.file.refused', $lines->countRefused()) }}</p>
    <x-table :head="array_values(texts('students.file.columns'))">
        @foreach ($lines->lines as $line)
            <tr>
                <td>{{ $line['line'] }}</td><th scope="row">{{ $line['name'] }}</th><td>{{ $line['rank'] }}</td>
                <td>{{ $line['height'] }}</td><td>{{ $line['born'] }}</td>
                <td>{{ $line['isNew'] ? __('students.file.is-new') : $line['what'] }}</td>
            </tr>
        @endforeach
    </x-table>
    </section>
@endif
</x-layout>
