<section @if ($holes->isOpen()) hx-get="{{ route('attacks.holes', $attack) }}"
    hx-trigger="{{ ($first ?? false) ? 'load' : 'load delay:1s' }}" hx-swap="outerHTML" @endif
    @if ($holes->isTold()) aria-labelledby="lacks-title" @endif aria-live="polite">
@if ($holes->isTold())
    <h2 id="lacks-title">{{ __('attacks.lacks') }}</h2>
@endif
@foreach ($holes->holes as $hole)
    <x-caution><strong>{{ $hole->kind->value }}</strong> {{ $hole->reason }}
        <x-hole-moves :links="$links->of($hole)"/></x-caution>
@endforeach
@if (! $holes->isWhole)
    <p class="form-text" role="status">{{ __($holes->hasFailed ? 'wall.holes.failed' : 'wall.holes.working') }}</p>
@endif
</section>
