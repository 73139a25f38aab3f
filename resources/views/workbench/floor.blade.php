<div class="floor" data-floor @if ($bench->settings->rung) data-pace="{{ $bench->settings->rung->pace }}" @endif>
<div class="floor-stage" tabindex="0" role="group" aria-label="{{ __('floor.stage-label') }}" x-on:keydown="stageKey" x-on:click="askSteps"
    data-stage>
    <figure>@include('workbench.drawing', ['picture' => $bench->picture, 'label' => __('floor.drawing-label')])
        <figcaption>{{ __('floor.from-above-modelled') }}</figcaption></figure>
    <figure>@include('workbench.side', ['picture' => $bench->side, 'label' => __('floor.side.label')])
        <figcaption>{{ __('floor.from-the-side') }}</figcaption></figure>
</div>
<div class="score-stage" x-on:click="pick">
    @include('workbench.score', ['picture' => $bench->score, 'label' => __('floor.score.label')])
</div>
@if ($bench->score->start !== '')<p class="form-text mb-1">{{ $bench->score->start }}</p>@endif
<div class="floor-scrub">
    <x-button size="sm" type="button" data-step="-1" x-on:click="stepBy" :aria-label="__('floor.beat-before')">◀</x-button>
    <input type="range" min="0" max="{{ $bench->lastBeat() }}" value="0" step="1" data-scrub x-on:input="scrub"
        aria-label="{{ __('floor.beat') }}">
    <x-button size="sm" type="button" data-step="1" x-on:click="stepBy" :aria-label="__('floor.beat-after')">▶</x-button>
    <select class="form-select form-select-sm w-auto" data-slow aria-label="{{ __('floor.speed') }}">
        @foreach (texts('floor.speeds') as $speed => $name)<option value="{{ $speed }}">{{ $name }}</option>@endforeach
    </select>
    <label class="form-text mt-0"><input type="checkbox" class="form-check-input" data-loop> {{ __('floor.loop') }}</label>
    <x-button kind="primary" size="sm" type="button" data-play data-key="g" x-on:click="play">{{ __('floor.play') }}</x-button>
</div>
<div class="floor-tracks" hidden data-tracks aria-live="polite"></div>
<div class="floor-said" data-said aria-live="polite">
    @foreach ($bench->beats as $beat)
        <div data-beat="{{ $beat->frame->number }}" data-time="{{ $beat->time() }}" data-track="{{ $beat->track }}"
            data-condition="{{ $beat->condition() }}" @if (! $loop->first) hidden @endif>
            @include('workbench.beat')
        </div>
    @endforeach
</div>
@includeUnless($isMistake ?? false, 'workbench.mistakes')
@foreach ($bench->notes() as $note)<p class="form-text mb-1">{{ $note }}</p>@endforeach
@if ($saved ?? null)<p class="form-text mb-1">{{ __('answers.save-svg') }} @foreach (texts('answers.svg-views') as $view => $name)
    <a href="{{ route('answers.svg', [$saved, 'view' => $view, 'against' => $bench->attack()->id,
        ...$bench->settings->query()]) }}" download>{{ $name }}</a>@if (! $loop->last) · @endif
@endforeach</p>@endif
<details class="mt-2"><summary>{{ __('floor.as-table') }}</summary>@include('workbench.table')</details>
</div>
