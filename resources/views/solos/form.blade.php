@php($solo = $fields->solo)
<x-layout :title="__('solos.title')">
<h1>{{ $solo->exists ? $solo->name : __($solo->isForm() ? 'solos.add-form' : 'solos.add-basic') }}</h1>
@if ($fields->school->ranks->isEmpty())
    <x-no-ranks/>
@else
<x-overtaken :row="$solo"/>
<x-invalid/>
<form method="post" action="{{ $solo->exists ? route('basics.update', $solo) : route('basics.store') }}" class="slab solo-form">
    @csrf
    @if ($solo->exists)@method('put')<x-hidden :values="['version' => old('version', $solo->version)]"/>@endif
    <div class="facet-grid">
        <x-field name="name" :label="__('solos.fields.name')">
            <x-input name="name" :value="old('name', $solo->name)" required maxlength="200"/></x-field>
        <x-field name="rank" :label="__('solos.fields.rank')"><x-select name="rank"
            :options="$fields->school->ranks->pluck('name', 'id')->all()" :value="old('rank', $solo->rank_id)"/></x-field>
        @if ($solo->isForm())
            <x-hidden :values="['kind' => 'form']"/>
        @else
            <x-field name="kind" :label="__('solos.fields.kind')"><x-select name="kind" :options="$fields->kinds()"
                :value="old('kind', $solo->kind->value)"/></x-field>
            <x-field name="word" :label="__('solos.fields.word')"><x-select name="word" :options="$fields->words()"
                :value="old('word', $solo->word)"/></x-field>
            <x-field name="side" :label="__('solos.fields.side')"><x-select name="side" :options="$fields->sides()"
                :value="old('side', $solo->side)"/></x-field>
            <x-field name="surface" :label="__('solos.fields.surface')">
                <x-input name="surface" :value="old('surface', $solo->surface)" maxlength="200"/></x-field>
        @endif
    </div>
    @if ($solo->isForm())
        <x-field name="beats" class="mt-3" :label="__('solos.fields.beats')"
            :hint="__('solos.beats-help', ['through' => 'go to &quot;…&quot; beat 2'])">
            <textarea class="form-control beats" id="beats" name="beats" rows="12" spellcheck="false" autocomplete="off" required
                aria-describedby="beats-hint">{{ old('beats', $fields->beats()) }}</textarea>
        </x-field>
    @else
        @foreach (['points' => $solo->points, 'mistakes' => $solo->mistakes] as $name => $lines)
            <x-field :name="$name" class="mt-3" :label="__('solos.fields.'.$name)">
                <textarea class="form-control" id="{{ $name }}" name="{{ $name }}" rows="4"
                    maxlength="4000">{{ old($name, implode("\n", $lines)) }}</textarea>
            </x-field>
        @endforeach
        <fieldset class="mt-3"><legend class="form-label fs-6">{{ __('solos.feet.heading') }}</legend>
            <p class="form-text">{{ __('solos.feet-help', ['metres' => number_format($fields->stature, 2)]) }}</p>
            <div class="facet-grid feet-grid">
                @foreach ($fields->footValues() as $name => $value)
                    <x-field :name="$name" :label="__('solos.feet-fields.'.$name)">
                        <x-input :name="$name" type="number" step="any" :value="$value"/></x-field>
                @endforeach
            </div>
        </fieldset>
    @endif
    <p class="step-buttons">
        <x-button kind="rust">{{ __('words.save') }}</x-button>
        <x-button :href="$solo->exists ? route('basics.show', $solo) : route('basics.index')">{{ __('words.cancel') }}</x-button>
    </p>
</form>
@endif
</x-layout>
