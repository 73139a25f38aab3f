@foreach ($facts->attack->allCautions() as $caution)<p class="caution">{{ $caution }}</p>@endforeach
@if ($facts->notForYouth !== [])<p class="caution">Not for anybody under 16: {{ implode(', ', $facts->notForYouth) }}.</p>@endif
@if ($facts->withPads !== [])<p class="caution">Only with pads: {{ implode(', ', $facts->withPads) }}.</p>@endif
