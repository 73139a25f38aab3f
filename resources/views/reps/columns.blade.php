<h3>{{ __('reps.file.which-column') }}</h3>
<form method="post" action="{{ route('reps.check') }}" class="slab">
    @csrf
    <x-hidden :values="['kept' => $kept]"/>
    <div class="facet-grid">
        @foreach (App\View\Drill\RepCsv::COLUMNS as $field)
            <x-field :name="'columns['.$field.']'" :id="'column-'.$field" :label="$field">
                <x-select :name="'columns['.$field.']'" :id="'column-'.$field" :options="['' => '–'] + $heads"
                    :value="$columns[$field] ?? null"/>
            </x-field>
        @endforeach
    </div>
    <x-button kind="rust" class="mt-2">{{ __('words.preview') }}</x-button>
</form>
