<div class="wall-and-holes" x-data="wall">
<div>
    <p class="wall-card wall-drawn" x-ref="card" x-text="card" aria-live="polite">{{ __('wall.help') }}
        @can('create', App\Models\Answer::class){{ __('wall.help-drag') }}@endcan</p>
    <x-wall-pages :page="$wall->page" :query="$query"/>
    @include('wall.by-rank', ['picture' => $wall->picture])
    <div class="scroll-x wall-drawn">@include('wall.picture', ['picture' => $wall->picture])</div>
    <div class="wall-drawn" @if ($wall->provenAt === null) hx-get="{{ route('wall', $query->parameters(), absolute: false) }}"
        hx-trigger="load delay:2s" hx-target="closest .wall-and-holes" hx-select=".wall-and-holes" hx-swap="outerHTML"
        role="status" @endif>@include('wall.legend')</div>
    @if (! $wall->picture->isNamed)<p class="form-text">{{ __('wall.not-named') }}</p>@endif
</div>
@include('wall.holes', ['holes' => $wall->holes])
</div>
