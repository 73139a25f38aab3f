<x-field name="name" class="mb-3" :label="__('beginning.school.name')" :hint="__('beginning.school.name-hint')">
    <x-input name="name" :value="old('name', $school->name ?? '')" required autofocus maxlength="200" aria-describedby="name-hint"/>
</x-field>
<div class="facet-grid mb-3">
    <x-field name="zone" :label="__('beginning.school.zone')">
        <x-select name="zone" :options="$zones" :value="old('zone', $school->zone ?? 'UTC')"
            :data-guess-zone="isset($school) || old('zone') ? null : true"/>
    </x-field>
    <x-field name="bearings" :label="__('beginning.school.bearings')" :hint="__('beginning.school.bearings-hint')">
        <x-select name="bearings" :options="$styles" :value="old('bearings', $school->bearings ?? 'clock')"
            aria-describedby="bearings-hint"/>
    </x-field>
</div>
