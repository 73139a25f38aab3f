<x-invalid/>
<div class="workbench" x-data="workbench">
<div class="bench-text">
    <div class="bench-head">
        <x-field name="title" :label="__('answers.title')"><x-input name="title" :value="$form->value('title')" maxlength="200"
            required/></x-field>
        <x-field name="rank" :label="__('answers.introduced-at')"><x-select name="rank" :options="$form->rankNames()"
            :value="$form->value('rank')"/></x-field>
    </div>
    <x-check name="mirrored" class="mb-2" :label="__('answers.both-sides')" :checked="(bool) $form->value('mirrored')"/>
    @include('answers.editor')
    <details class="slab mt-3" @if ($form->hasDetails()) open @endif>
        <summary><strong>{{ __('answers.details') }}</strong></summary>
        <div class="facet-grid my-2">
            <x-field name="label" :label="__('answers.label')"><x-input name="label" :value="$form->value('label')"
                maxlength="40"/></x-field>
            <x-field name="doctrine" :label="__('answers.doctrine')">
                <x-select name="doctrine" :options="$form->doctrines()" :value="$form->value('doctrine')"/>
            </x-field>
            <x-field name="short_rank" :label="__('answers.short-from')">
                <x-select name="short_rank" :options="['' => __('answers.no-short')] + $form->rankNames()"
                    :value="$form->value('short_rank')"/>
            </x-field>
            <x-field name="short_beats" :label="__('answers.short-beats')">
                <x-input name="short_beats" type="number" min="1" max="99" :value="$form->value('short_beats')"/>
            </x-field>
        </div>
        <div class="facet-grid my-2">
            <x-field name="rank_youth" :label="__('answers.youth.label')"><x-select name="rank_youth" :options="$form->youthRanks()"
                :value="$form->value('rank_youth')"/></x-field>
            <x-field name="variant_of" :label="__('answers.variant-of')"><x-select name="variant_of" :options="$form->others()"
                :value="$form->value('variant_of')"/></x-field>
        </div>
        <x-field name="mistakes" :label="__('answers.mistakes-one-a-line')">
            <textarea class="form-control" id="mistakes" name="mistakes" rows="3"
                aria-describedby="mistakes-help">{{ $form->value('mistakes') }}</textarea>
            <p class="form-text" id="mistakes-help">{{ __('answers.mistakes-help', ['bar' => '|']) }}</p>
        </x-field>
    </details>
    @include('answers.pattern')
</div>
<div class="bench-floor">
    @include('workbench.settings', ['settings' => $draft->settings, 'symmetric' => $draft->isSymmetric, 'rungs' => $draft->rungs])
    <div id="floor-here">@include('workbench.draft')</div>
    <div class="floor-steps no-print">
        <label>{{ __('floor.first-steps-that-keep') }}
            <x-input name="strike" small value="right palm chin" :aria-label="__('floor.strike-that-reaches')"/></label>
        <x-button size="sm" type="button" data-ask-steps data-key="f" :hx-get="route('attacks.first-steps', $draft->attackId)"
            hx-include="#bench-settings, [name=strike]" hx-target="#first-steps">{{ __('floor.find-first-steps') }}</x-button>
        <div id="first-steps" aria-live="polite"></div>
    </div>
</div>
</div>
