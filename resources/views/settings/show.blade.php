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
        <x-field class="wide" name="bearings" :label="__('beginning.school.bearings')">
            <x-select name="bearings" :options="$styles" :value="old('bearings', $school->bearings)"/>
        </x-field>
    </div>
</x-setting>
<x-setting section="doctrine" preview>
    <div class="facet-grid">
    <x-field name="doctrine" :label="__('answers.doctrine')">
        <x-select name="doctrine" :options="$doctrines" :value="old('doctrine', $school->doctrine)"/>
    </x-field>
    <x-field class="wide" name="leaving" :label="__('settings.doctrine.leaving')" :hint="__('settings.doctrine.leaving-help')">
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
            <x-number :name="$name" in="sizes" :id="'size-'.$loop->index" :label="__('settings.bodies.size', ['name' => $name])"
                min="0.8" max="2.4" step="0.01" :value="$metres"/>
        @endforeach
        <x-number name="tolerance" :label="__('settings.bodies.tolerance')" min="0" max="50" step="0.5" :value="$tolerance"/>
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
    <x-number name="half_life" :label="__('settings.times.half-life')" :min="$times::MIN_HALF_LIFE" :max="$times::MAX_HALF_LIFE"
        :value="$times->halfLife"/>
    <x-number name="latest" :label="__('settings.times.latest')" :min="$times::MIN_LATEST" :max="$times::MAX_LATEST"
        :value="$times->latest"/>
    <x-number name="reaction_base" :label="__('settings.times.base')" min="0" :max="$asks->reaction::MAX_BASE" step="0.01"
        :value="$asks->reaction->base"/>
    <x-number name="reaction_per_bit" :label="__('settings.times.per-bit')" min="0" :max="$asks->reaction::MAX_PER_BIT" step="0.01"
        :value="$asks->reaction->perBit"/>
    </div>
</x-setting>
<x-setting section="effects" preview>
    <div class="facet-grid">
    @foreach ((array) $asks->effects as $effect => $seconds)
        <x-number :name="$effect" in="effect_times" :id="'effect-'.$effect" :label="__('settings.effects.of.'.$effect)" min="0.1"
            max="30" step="0.1" :value="$seconds"/>
    @endforeach
        <x-number name="turning" :label="__('settings.effects.turning')" :min="$asks::MIN_TURNING" :max="$asks::MAX_TURNING" step="any"
            :value="$asks->turning"/>
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
        <x-number :name="$kind" in="shares" :id="'share-'.$kind" min="1" max="100" :value="$share"
            :label="__('settings.classes.share', ['block' => __('classes.blocks.'.$kind)])"/>
    @endforeach
    @foreach (['teach' => $habits->teach, 'basic' => $habits->basic] as $field => $minutes)
        <x-number :name="$field" :label="__('settings.classes.'.$field)" min="1" :max="$habits::MAX_MINUTES" :value="$minutes"/>
    @endforeach
        <x-number name="between" :label="__('settings.classes.between')" min="0" :max="$habits::MAX_BETWEEN" step="0.5"
            :value="$habits->between"/>
    </div>
</x-setting>
<x-setting section="tests">
    <div class="facet-grid">
    @foreach (['test_pass' => 'pass', 'test_ready' => 'ready'] as $field => $key)
        <x-number :name="$field" :label="__('settings.tests.'.$key)" min="1" max="100" step="any" :value="$school->$field"/>
    @endforeach
        <x-number name="test_repeats" :label="__('settings.tests.repeats')" min="0" :max="$times->test::MAX_REPEATS"
            :value="$school->test_repeats"/>
    @foreach ($times->test->untried as $credit => $weight)
        <x-number :name="$credit" in="test_untried" :id="'untried-'.$credit" :label="__('settings.tests.untried.'.$credit)"
            :min="$times->test::MIN_UNTRIED" :max="$times->test::MAX_UNTRIED" step="any" :value="$weight"/>
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
<x-setting section="force">
    <div class="levels">
    @foreach ((array) $asks->force as $of => $levels)
        <fieldset><legend class="form-label">{{ __('settings.force.of.'.$of) }}</legend>
        <div class="factors">
        @foreach ($levels as $word => $level)
            <x-number small :name="$word" :in="$of" :id="$of.'-'.$word" :label="ucfirst($levelNames[$of][$word])" min="0"
                :max="$asks->force::MAX" :value="$level"/>
        @endforeach
        </div></fieldset>
    @endforeach
    </div>
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
