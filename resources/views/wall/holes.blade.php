<section id="holes" aria-labelledby="holes-title" @if ($holes->isOpen()) hx-get="{{ route('holes', $query->parameters(), absolute:
    false) }}"
hx-trigger="{{ $holes->isWaiting() ? 'load delay:1s' : 'load' }}" hx-swap="outerHTML" @endif>
<h2 id="holes-title" class="mt-1">{{ trans_choice('words.holes', $holes->drawn) }}</h2>
@if ($holes->isWhole)
    <p class="form-text mt-0 mb-1">{{ $holes->summary() }} {{ $holes->isLarge ? __('wall.holes.large') : '' }}</p>
@else
    <p class="form-text mt-0 mb-1" role="status">{{ __($holes->hasFailed ? 'wall.holes.failed' : 'wall.holes.working') }}</p>
    @if ($holes->isOpen() && $holes->isWaiting())<progress class="w-100" max="100" value="{{ $holes->share }}"
        aria-label="{{ __('wall.holes.working') }}">{{ $holes->share }} %</progress>@endif
@endif
@if ($holes->rows === [])
    <p>{{ __('wall.holes.none') }}</p>
@else
    <ol class="hole-list" tabindex="0" aria-label="{{ __('wall.holes.label') }}">
        @foreach ($holes->rows as $row)
            <li id="hole-{{ $row['number'] }}" @class(['is-laid' => ! $row['isDrawn']])>
                <span class="hole-number">{{ $row['number'] }}</span>
                <strong>{{ $row['hole']->kind->value }}</strong> <span class="narrow">{{ __('wall.holes.weight',
                    ['weight' => number_format($row['hole']->weight, 2)]) }}</span><br>
                {{ $row['hole']->reason }}
                <x-hole-moves class="d-block" :links="$links->of($row['hole'])"/>
            </li>
        @endforeach
    </ol>
    @if ($holes->more > 0)<p class="form-text">{{ __('wall.holes.more', ['count' => number_format($holes->more)]) }}</p>@endif
    @if ($holes->uncatalogued !== [])
        <details><summary>{{ trans_choice('wall.holes.uncatalogued', count($holes->uncatalogued)) }}</summary>
            <div class="hole-list" tabindex="0" role="group" aria-label="{{ __('wall.holes.uncatalogued-label') }}">
                @foreach ($holes->facets() as $facet => $missing)
                <details><summary>{{ trans_choice('wall.holes.by-facet', count($missing), ['facet' => $facet]) }}</summary>
                    <ul>@foreach ($missing as $hole)<li class="is-laid">{{ $hole->reason }}</li>@endforeach</ul></details>
                @endforeach
            </div>
        </details>
    @endif
@endif
</section>
