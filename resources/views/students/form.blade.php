<x-invalid/>
<div class="slab">
<div class="facet-grid">
    <x-field name="name" :label="__('students.name')"><x-input name="name" :value="old('name', $student->name ?? '')" required
        maxlength="200"/></x-field>
    <x-field name="rank" :label="__('words.rank')">
        <x-select name="rank" :options="$ranks->pluck('name', 'id')" :value="old('rank', $student->rank_id ?? '')"/>
    </x-field>
    <x-field name="height" :label="__('students.height')">
        <x-input name="height" type="number" step="0.01" min="0.8" max="2.4" :value="old('height', $student->height ?? '')"/>
    </x-field>
    <x-field name="born" :label="__('students.born')">
        <x-input name="born" type="date" :value="old('born', isset($student) ? $student->born?->format('Y-m-d') : '')"/>
    </x-field>
    <x-field name="consent_by" :label="__('students.consent-by')" :hint="__('students.consent-hint')">
        <x-input name="consent_by" :value="old('consent_by', $student->consent_by ?? '')" maxlength="200"
            aria-describedby="consent_by-hint"/>
    </x-field>
    <x-field name="consent_on" :label="__('students.consent-on')">
        <x-input name="consent_on" type="date" :value="old('consent_on', isset($student) ? $student->consent_on?->format('Y-m-d') : '')"/>
    </x-field>
</div>
<fieldset class="mt-3"><legend class="form-label fs-6">{{ __('students.not-allowed') }}</legend>
    <div class="checks">
        @foreach ($flags as $flag => $hazard)
            <label><input type="checkbox" name="flags[]" value="{{ $flag }}" @checked(in_array($flag,
                ticked('flags', $student->flags ?? []), true))> {{ $hazard }}</label>
        @endforeach
    </div>
</fieldset>
</div>
