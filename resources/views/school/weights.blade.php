<h2 id="weights">{{ __('school.weights.title') }}</h2>
<p class="lead-line">{{ __('school.weights.lead') }}</p>
<form method="post" action="{{ route('school.update') }}" class="slab">
@csrf
@method('put')
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
    <x-field name="zone" :label="__('school.weights.zone')"><x-select small name="zone" :options="$zones" :value="old('zone',
        $school->zone)"/></x-field>
</div>
<p class="mt-3 mb-0"><x-button kind="rust">{{ __('words.save') }}</x-button></p>
</form>
