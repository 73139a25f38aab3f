{{-- How an attack stands when it begins: nobody's reps change that. --}}
<h2 id="situation-title">{{ __('attacks.situation') }}</h2>
<div class="floor-stage">
    <figure>@include('workbench.drawing', ['picture' => $seen->picture, 'label' => __('floor.start-label')])
        <figcaption>{{ __('floor.from-above-modelled') }}</figcaption></figure>
    <figure>@include('workbench.side', ['picture' => $seen->side, 'label' => __('floor.side.label')])
        <figcaption>{{ __('floor.from-the-side') }}</figcaption></figure>
</div>
<p class="form-text">{{ ucfirst(__('floor.from-above')) }}:
    <x-save-drawing of=".floor-stage .floor-drawing:not(.side-drawing)" :name="$attack->code.'-above'"/>
    · {{ __('floor.from-the-side') }}: <x-save-drawing of=".floor-stage .side-drawing" :name="$attack->code.'-side'"/></p>
@include('attacks.reach', ['reach' => $seen->reach])
<ul class="situation mt-2">@foreach ($seen->sentences as $sentence)<li>{{ $sentence }}</li>@endforeach</ul>
<p class="form-text">{{ __('attacks.situation-note', ['defender' => $seen->sizes[0], 'attacker' => $seen->sizes[1]]) }}</p>
@include('attacks.card', ['card' => $card])
<h2 id="facets-title">{{ __('attacks.facets') }}</h2>
<p class="mb-1"><code>{{ $seen->line }}</code></p>
