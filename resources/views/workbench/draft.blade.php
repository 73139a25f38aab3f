@if ($draft->bench)
@include('workbench.floor', ['bench' => $draft->bench])
@else
<div class="floor-stage">@include('workbench.drawing', ['picture' => $draft->situation->picture, 'label' => __('floor.at-start')])</div>
<p class="form-text mt-1">{{ __('floor.moves-with-first-beat') }}</p>
<ul>@foreach ($draft->situation->sentences as $sentence)<li>{{ $sentence }}</li>@endforeach</ul>
@endif
