<x-layout :title="__('own-kinds.title')">
<h1>{{ $form->kind === null ? __('own-kinds.add') : $form->kind->name }}</h1>
<p class="lead-line">{{ __('own-kinds.form-lead') }}</p>
<x-invalid/>
<div class="columns-2">
<form method="post" action="{{ $form->kind === null ? route('kinds.store') : route('kinds.update', $form->kind) }}" class="slab">
    @csrf
    @if ($form->kind !== null)@method('put')@endif
    <div class="facet-grid">
        <x-field name="name" :label="__('own-kinds.name')">
            <x-input name="name" :value="$form->text('name')" required maxlength="200"/></x-field>
        <x-field name="family" :label="__('own-kinds.family')"><x-select name="family" :options="$form->families()"
            :value="$form->text('family')"/></x-field>
        <x-field name="start" :label="__('own-kinds.start')"><x-select name="start" :options="$form->starts()"
            :value="$form->text('start')"/></x-field>
    </div>
    @foreach ($form->lists() as $field => $choices)
        <fieldset class="mt-3"><legend class="form-label fs-6">{{ __('own-kinds.fields.'.$field) }}</legend>
            <div class="checks">
                @foreach ($choices as $value => $text)
                    <label><input type="checkbox" name="{{ $field }}[]" value="{{ $value }}" @checked($form->has($field, (string) $value))>
                        {{ $text }}</label>
                @endforeach
            </div>
        </fieldset>
    @endforeach
    <x-field name="cautions" class="mt-3" :label="__('own-kinds.cautions')" :hint="__('own-kinds.cautions-hint')">
        <textarea class="form-control" id="cautions" name="cautions" rows="3" maxlength="2000"
            aria-describedby="cautions-hint">{{ $form->text('cautions') }}</textarea>
    </x-field>
    <p class="step-buttons">
        <x-button kind="rust">{{ __('words.save') }}</x-button>
        <x-button name="preview" value="1">{{ __('own-kinds.draw') }}</x-button>
        <x-button :href="route('kinds.index')">{{ __('words.cancel') }}</x-button>
    </p>
</form>
<section aria-labelledby="situation-title">
    <h2 id="situation-title" class="mt-0">{{ __('attacks.situation') }}</h2>
    @if ($seen === null)
        <p class="form-text">{{ __('own-kinds.draw-help') }}</p>
    @else
        <p>{{ $seen->line }}</p>
        <div class="choice-picture">@include('workbench.drawing', ['picture' => $seen->picture, 'label' => __('attacks.situation')])</div>
        <ul class="situation mt-2">@foreach ($seen->sentences as $sentence)<li>{{ $sentence }}</li>@endforeach</ul>
        <p class="form-text">{{ __('attacks.situation-note', ['defender' => $seen->sizes[0], 'attacker' => $seen->sizes[1]]) }}</p>
    @endif
</section>
</div>
</x-layout>
