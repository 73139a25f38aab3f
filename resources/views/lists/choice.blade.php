<form method="get" action="{{ route('drill-lists.create') }}" class="slab" hx-get="{{ route('drill-lists.create') }}" hx-trigger="submit"
hx-target="#rows" hx-select="#rows" hx-swap="outerHTML" hx-replace-url="true" hx-indicator="#working" hx-disabled-elt="find button">
<fieldset>
    <legend>{{ __('lists.attacks-of') }}</legend>
    @foreach ($form->families as $family)
        <x-tick name="families[]" :value="$family->value" :checked="$form->hasFamily($family)">{{ $family->text() }}</x-tick>
    @endforeach
    <span class="form-text d-block">{{ __('lists.none-ticked') }}</span>
</fieldset>
<fieldset>
    <legend>{{ __('lists.varies') }}</legend>
    @foreach (StoneDrill\Core\Attack\Facet::cases() as $facet)
        <x-tick name="facets[]" :value="$facet->value" :checked="$form->hasFacet($facet)">{{ $facet->text() }}</x-tick>
    @endforeach
</fieldset>
<fieldset>
    <legend>{{ __('lists.values') }}</legend>
    <x-tick type="radio" name="values" value="used" :checked="$form->onlyUsed">{{ __('lists.values-used') }}</x-tick>
    <x-tick type="radio" name="values" value="all" :checked="! $form->onlyUsed">{{ __('lists.values-all') }}</x-tick>
</fieldset>
<x-field name="forbid" :label="__('lists.forbid')">
    <textarea class="form-control" id="forbid" name="forbid" rows="3" maxlength="4000" placeholder="{{ __('lists.forbid-example') }}"
        aria-describedby="forbid-help">{{ $form->forbid }}</textarea>
    <span class="form-text" id="forbid-help">{{ __('lists.forbid-one-a-line') }} <code>{{ __('lists.forbid-example') }}</code>.
        {{ __('lists.forbid-alone') }} <code>notice off-guard</code>. {{ __('lists.forbid-infeasible') }}</span>
</x-field>
<x-field name="most" class="mt-2" :label="__('lists.max')"><x-input name="most" type="number" min="1" max="1000"
    :value="$form->most"/></x-field>
<x-field name="seed" class="mt-2" :label="__('lists.seed')" :hint="__('lists.seed-hint')">
    <x-input name="seed" type="number" min="1" max="999999" :value="$form->seed"/>
</x-field>
<p class="mt-2 mb-0"><x-button kind="rust">{{ __('lists.work-out') }}</x-button>
    <span id="working" class="htmx-indicator" role="status">{{ __('lists.searching') }}</span></p>
</form>
