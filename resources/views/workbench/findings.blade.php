<p @class(['mb-1 robust', 'is-open' => ! $bench->examination->works()])>{{ $bench->works() }}</p>
@if ($bench->examination->findings === [])
<p class="mb-1">{{ __('floor.no-finding') }}</p>
@else
<p class="mb-1"><strong>{{ $bench->summary() }}</strong> {{ __('floor.for-these-bodies') }}</p>
<ul class="finding-list">
    @foreach ($bench->examination->findings as $finding)<x-finding tag="li" :finding="$finding"/>@endforeach
</ul>
@endif
