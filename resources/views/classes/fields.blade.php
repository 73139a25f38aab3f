<x-invalid/>
<div class="facet-grid">
    <x-field name="at" class="wide" :label="__('classes.fields.at')"><x-input name="at" type="datetime-local" required
        :value="old('at', $class->beginsAt()->format('Y-m-d\TH:i'))"/></x-field>
    <x-field name="minutes" :label="__('classes.fields.minutes')"><x-input name="minutes" type="number" min="5" max="480" required
        :value="old('minutes', $class->minutes)"/></x-field>
    <x-field name="place" :label="__('classes.fields.place')"><x-input name="place" maxlength="200"
        :value="old('place', $class->place)"/></x-field>
    <x-field name="places" :label="__('classes.fields.places')"><x-input name="places" type="number" min="1"
        :max="StoneDrill\Core\Session\PlannedClass::MAX_PLACES" required :value="old('places', $class->places)"/></x-field>
    <x-field name="pads" :label="__('classes.fields.pads')" :hint="__('classes.pads-hint')"><x-input name="pads" type="number" min="1"
        :max="StoneDrill\Core\Session\PlannedClass::MAX_PLACES" aria-describedby="pads-hint"
        :value="old('pads', $class->pads)"/></x-field>
    <x-field name="instructors" :label="__('classes.fields.instructors')"><x-input name="instructors" type="number" min="1"
        :max="StoneDrill\Core\Session\PlannedClass::MAX_INSTRUCTORS" required :value="old('instructors', $class->instructors)"/></x-field>
</div>
<div class="checks mt-3">
    @foreach (['all_sizes', 'steps_in'] as $wish)
        <label><input type="checkbox" name="{{ $wish }}" value="1" @checked(session()->hasOldInput() ? old($wish) : $class->$wish)> {{
            __('classes.wishes.'.$wish) }}</label>
    @endforeach
</div>
<fieldset class="checks mt-3"><legend class="form-label">{{ __('classes.fields.ranks') }}</legend>
    @foreach ($ranks as $rank)
        <label><input type="checkbox" name="ranks[]" value="{{ $rank->code }}" @checked(in_array($rank->code,
            ticked('ranks', $class->ranks), true))> {{ $rank->name }}</label>
    @endforeach
    <span class="form-text">{{ __('classes.none-chosen') }}</span>
</fieldset>
<div class="facet-grid mt-3">
    <x-field name="ages" :label="__('classes.fields.ages')"><x-select name="ages"
        :options="['' => __('classes.any-age')] + texts('classes.ages')" :value="old('ages', $class->ages?->value)"/></x-field>
</div>
@php($named = array_map(intval(...), ticked('named', $class->named)))
<details class="mt-3" @if ($named !== [] || $errors->has('named*')) open @endif>
    <summary>{{ __('classes.named', ['count' => count($named)]) }}</summary>
    <p class="form-text">{{ __('classes.named-help') }}</p>
    <x-pick-people name="named" of="named" :students="$students" :chosen="$named"/>
    @error('named*')<div class="invalid-feedback d-block">{{ $message }}</div>@enderror
</details>
