<x-invalid/>
<div class="slab">
<x-field name="title" class="mb-3" :label="__('attacks.title')" :hint="__('attacks.title-hint')">
    <x-input name="title" :value="$form->value('title')" maxlength="200" required aria-describedby="title-hint"/>
</x-field>
<div x-data="attackLine">
    <x-field name="line" class="mb-3" :label="__('attacks.line')" :hint="__('attacks.line-hint')">
        <x-input name="line" :value="$form->line" autocomplete="off" spellcheck="false" maxlength="300" data-line
            aria-describedby="line-hint"
            :placeholder="__('attacks.line-example')" :hx-get="route('attacks.facets')"
            hx-trigger="input changed delay:200ms" hx-target="#facets" hx-params="line" hx-sync="this:queue last"/>
    </x-field>
    <div id="facets">@include('attacks.facets')</div>
</div>
</div>
<div class="slab mt-3">
<div class="facet-grid">
    <x-field name="needed_by" :label="__('attacks.needed-by')">
        <x-select name="needed_by" :options="$form->needOptions()" :value="$form->value('needed_by')"/>
    </x-field>
    <x-field name="needed_by_youth" :label="__('words.under-16')">
        <x-select name="needed_by_youth" :options="$form->youthNeedOptions()" :value="$form->value('needed_by_youth')"/>
    </x-field>
    <x-field name="prevalence" :label="__('attacks.prevalence')">
        <x-select name="prevalence" :options="texts('attacks.prevalences')" :value="$form->value('prevalence')"/>
    </x-field>
    <x-field name="recoil" :label="__('attacks.recoil')">
        <x-select name="recoil" :options="texts('attacks.recoils')" :value="$form->value('recoil')"/>
    </x-field>
    <x-check name="critical" class="align-self-end mb-2" :label="__('attacks.critical-help')" :checked="(bool) $form->value('critical')"/>
</div>
<x-field name="notes" class="mt-3" :label="__('attacks.notes')" :hint="__('attacks.notes-hint')">
    <textarea class="form-control" id="notes" name="notes" rows="2" aria-describedby="notes-hint">{{ $form->value('notes') }}</textarea>
</x-field>
</div>
