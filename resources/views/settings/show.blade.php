<x-layout :title="__('settings.title')">
<h1>{{ __('settings.title') }}</h1>
<p class="lead-line">{{ __('settings.lead') }}</p>
<p><x-button size="sm" :href="route('kinds.index')">{{ __('own-kinds.title') }}</x-button></p>
<x-contents :parts="$parts"/>
<x-invalid/>
<x-setting section="general">
    <div class="facet-grid">
        <x-field name="name" :label="__('beginning.school.name')"><x-input name="name" :value="old('name', $school->name)" required
            maxlength="200"/></x-field>
        <x-field name="zone" :label="__('beginning.school.zone')"><x-select name="zone" :options="$zones" :value="old('zone',
            $school->zone)"/></x-field>
        <x-field name="bearings" :label="__('beginning.school.bearings')">
            <x-select name="bearings" :options="$styles" :value="old('bearings', $school->bearings)"/>
        </x-field>
    </div>
</x-setting>
<x-setting section="doctrine" preview>
    <div class="facet-grid">
    <x-field name="doctrine" :label="__('answers.doctrine')">
        <x-select name="doctrine" :options="$doctrines" :value="old('doctrine', $school->doctrine)"/>
    </x-field>
    <x-field name="leaving" :label="__('settings.doctrine.leaving')" :hint="__('settings.doctrine.leaving-help')">
        <x-select name="leaving" :options="$leavings" :value="old('leaving', $school->leaving)"/>
    </x-field>
    </div>
</x-setting>
<x-setting section="bodies" preview>
    <div class="facet-grid">
        <x-field name="typical" :label="__('settings.bodies.typical')">
            <x-select name="typical" :options="$sizeNames" :value="old('typical', $school->typical)"/>
        </x-field>
        @foreach ($sizes as $name => $metres)
            <x-field :name="'sizes['.$name.']'" :id="'size-'.$loop->index" :label="__('settings.bodies.size', ['name' => $name])">
                <x-input :name="'sizes['.$name.']'" :id="'size-'.$loop->index" type="number" min="0.8" max="2.4" step="0.01" required
                    :value="old('sizes.'.$name, $metres)"/>
            </x-field>
        @endforeach
        <x-field name="tolerance" :label="__('settings.bodies.tolerance')">
            <x-input name="tolerance" type="number" min="0" max="50" step="0.5" required :value="old('tolerance', $tolerance)"/>
        </x-field>
    </div>
</x-setting>
<x-setting section="weights" preview>
    <div class="factors">
        @foreach ($factors as $factor)
            <x-field :name="'factors['.$factor['kind'].']'" :id="'factor-'.$loop->index" :label="$factor['label']">
                <x-input small :name="'factors['.$factor['kind'].']'" :id="'factor-'.$loop->index" type="number" min="0" max="5" step="0.05"
                    required :value="$factor['value']"/>
            </x-field>
        @endforeach
        <x-field name="share" :label="__('school.weights.share')">
            <x-input small name="share" type="number" min="1" max="100" required :value="old('share', $share)"/>
        </x-field>
    </div>
</x-setting>
<x-setting section="times" preview>
    <div class="facet-grid">
    <x-field name="half_life" :label="__('settings.times.half-life')">
        <x-input name="half_life" type="number" :min="$times::MIN_HALF_LIFE" :max="$times::MAX_HALF_LIFE" required
            :value="old('half_life', $times->halfLife)"/>
    </x-field>
    <x-field name="reaction_base" :label="__('settings.times.base')">
        <x-input name="reaction_base" type="number" min="0" :max="$reaction::MAX_BASE" step="0.01" required
            :value="old('reaction_base', $reaction->base)"/>
    </x-field>
    <x-field name="reaction_per_bit" :label="__('settings.times.per-bit')">
        <x-input name="reaction_per_bit" type="number" min="0" :max="$reaction::MAX_PER_BIT" step="0.01" required
            :value="old('reaction_per_bit', $reaction->perBit)"/>
    </x-field>
    </div>
</x-setting>
<x-setting section="effects" preview>
    <div class="facet-grid">
    @foreach ($effects as $effect => $seconds)
        <x-field :name="'effect_times['.$effect.']'" :id="'effect-'.$effect" :label="__('settings.effects.of.'.$effect)">
            <x-input :name="'effect_times['.$effect.']'" :id="'effect-'.$effect" type="number" min="0.1" max="30" step="0.1" required
                :value="old('effect_times.'.$effect, $seconds)"/>
        </x-field>
    @endforeach
    </div>
</x-setting>
<x-setting section="credits" preview>
    <div class="facet-grid">
    @foreach ($credits as $field => $credit)
        <x-field :name="$field" :label="ucfirst(__('settings.credits.'.$field))">
            <x-select :name="$field" :options="$given" :value="(string) old($field, $credit)"/>
        </x-field>
    @endforeach
    </div>
</x-setting>
<x-setting section="classes">
    <div class="facet-grid">
    @foreach ($shares as $kind => $share)
        <x-field :name="'shares['.$kind.']'" :id="'share-'.$kind"
            :label="__('settings.classes.share', ['block' => __('classes.blocks.'.$kind)])">
            <x-input :name="'shares['.$kind.']'" :id="'share-'.$kind" type="number" min="1" max="100" required
                :value="old('shares.'.$kind, $share)"/>
        </x-field>
    @endforeach
    @foreach (['teach' => $habits->teach, 'basic' => $habits->basic] as $field => $minutes)
        <x-field :name="$field" :label="__('settings.classes.'.$field)">
            <x-input :name="$field" type="number" min="1" :max="$habits::MAX_MINUTES" required :value="old($field, $minutes)"/>
        </x-field>
    @endforeach
        <x-field name="between" :label="__('settings.classes.between')">
            <x-input name="between" type="number" min="0" :max="$habits::MAX_BETWEEN" step="0.5" required
                :value="old('between', $habits->between)"/>
        </x-field>
    </div>
</x-setting>
<x-setting section="tests">
    <div class="facet-grid">
    @foreach (['test_pass' => 'pass', 'test_ready' => 'ready'] as $field => $key)
        <x-field :name="$field" :label="__('settings.tests.'.$key)">
            <x-input :name="$field" type="number" min="1" max="100" required :value="old($field, $school->$field)"/>
        </x-field>
    @endforeach
    </div>
</x-setting>
<x-setting section="scope" preview>
    <div class="facet-grid">
    @foreach ($facets as $facet)
        <fieldset class="checks"><legend class="form-label">{{ ucfirst($facet->name) }}</legend>
            @foreach ($facet->values as $value => $isOn)
                <label><input type="checkbox" name="scope[{{ $facet->id }}][]" value="{{ $value }}" @checked($isOn)> {{ $value }}</label>
            @endforeach
        </fieldset>
    @endforeach
    </div>
</x-setting>
<x-setting section="policy" preview>
    @if ($school->ranks->isEmpty())<p>{{ __('school.no-ranks.text') }}</p>@else @include('school.policy')@endif
</x-setting>
<x-setting section="names">
    <x-table class="w-auto" :head="array_values(texts('settings.names.columns'))">
        @foreach (texts('words.usual') as $noun => $usual)
            <tr>
                <th scope="row">{{ $usual['one'] }}, {{ $usual['many'] }}</th>
                @foreach (['one', 'many'] as $form)
                    <td><x-input small :name="'names['.$noun.']['.$form.']'" :id="'name-'.$noun.'-'.$form" :placeholder="$usual[$form]"
                        :value="$nouns[$noun][$form] ?? ''" :maxlength="StoneDrill\Core\Curriculum\Nouns::MAX_LENGTH"
                        :aria-label="__('settings.names.'.$form.'-of', ['noun' => $usual['one']])"/></td>
                @endforeach
            </tr>
        @endforeach
    </x-table>
</x-setting>
<x-setting section="words">
    <x-table class="w-auto" :head="array_values(texts('settings.words.columns'))">
        @foreach ($words as $row)
            <tr>
                <td><x-input small :name="'words['.$loop->index.'][own]'" :id="'own-'.$loop->index" :value="$row['own']" maxlength="60"
                    :aria-label="__('settings.words.own-of', ['number' => $loop->iteration])"/></td>
                <td>@include('settings.word', ['at' => $loop->index, 'number' => $loop->iteration, 'value' => $row['word'] ?? ''])</td>
            </tr>
        @endforeach
    </x-table>
</x-setting>
</x-layout>
