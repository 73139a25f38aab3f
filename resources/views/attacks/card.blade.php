<aside class="slab attacker-card" aria-labelledby="card-title">
<h3 class="mt-0" id="card-title">{{ __('card.title') }}</h3>
<dl class="facts mb-0">@foreach ($card->rows() as $name => $text)<dt>{{ $name }}</dt><dd>{{ $text }}</dd>@endforeach</dl>
</aside>
