<x-invalid/>
<div class="facet-grid">
    <x-field name="rank" :label="__('words.rank')"><x-select name="rank" :options="$ranks->pluck('name', 'id')"
        :value="old('rank', $test->exists ? $test->rank->id : $ranks->last()?->id)"/></x-field>
    <x-field name="at" class="wide" :label="ucfirst(__('tests.fields.at'))"><x-input name="at" type="datetime-local" required
        :value="old('at', $test->beginsAt()->format('Y-m-d\TH:i'))"/></x-field>
    <x-field name="place" :label="ucfirst(__('tests.fields.place'))"><x-input name="place" maxlength="200"
        :value="old('place', $test->place)"/></x-field>
    <x-field name="items" class="wide" :label="ucfirst(__('tests.fields.items'))"><x-select name="items"
        :options="texts('tests.items-ways')" :value="old('items', $test->is_drawn ? 'drawn' : 'list')"/></x-field>
</div>
<fieldset class="mt-3"><legend class="form-label">{{ ucfirst(__('tests.fields.candidates')) }}</legend>
    <x-pick-people name="candidates" of="candidates" :students="$students"
        :chosen="array_map(intval(...), ticked('candidates', $chosen))"/>
</fieldset>
