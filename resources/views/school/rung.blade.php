<x-field name="name" :id="'rung-name-'.$key" :label="__('school.rungs.name')">
<x-input small name="name" :id="'rung-name-'.$key" :value="$rung->name ?? ''" required maxlength="200"/>
</x-field>
<x-field name="pace" :id="'rung-pace-'.$key" :label="__('school.rungs.pace')">
<x-input small name="pace" :id="'rung-pace-'.$key" type="number" min="0.1" max="1.5" step="0.05" :value="$rung->pace ?? 1" required/>
</x-field>
<x-field name="resistance" :id="'rung-resistance-'.$key" :label="__('school.rungs.resistance')">
<x-select small name="resistance" :id="'rung-resistance-'.$key" :options="texts('school.rungs.resistances')" :value="$rung->resistance ??
    2"/>
</x-field>
@foreach (['attack_told', 'moment_told', 'follow_ups'] as $field)
<x-tick :name="$field" :checked="$rung->{$field} ?? false">{{ __('school.rungs.'.$field) }}</x-tick>
@endforeach
<x-field name="stressors" class="wide" :id="'rung-stressors-'.$key" :label="__('school.rungs.stressors')">
<x-input small name="stressors" :id="'rung-stressors-'.$key" maxlength="400" :value="implode(', ', $rung->stressors ?? [])"/>
</x-field>
