<div class="floor" data-floor @if ($bench->settings->rung) data-pace="{{ $bench->settings->rung->pace }}" @endif>
    <div class="floor-stage" tabindex="0" role="group" aria-label="The floor. Left and right arrow go from beat to beat, space plays, b asks for first steps." x-on:keydown="stageKey" x-on:click="askSteps" data-stage>
        @include('workbench.drawing', ['picture' => $bench->picture, 'label' => 'The floor seen from above; the same is told in words beside it and in the table below it.'])
    </div>
    <div class="floor-scrub">
        <button type="button" class="btn btn-plain btn-sm" data-step="-1" x-on:click="stepBy" aria-label="Beat before">◀</button>
        <input type="range" min="0" max="{{ count($bench->beats) - 1 }}" value="0" step="1" data-scrub x-on:input="scrub" aria-label="Beat">
        <button type="button" class="btn btn-plain btn-sm" data-step="1" x-on:click="stepBy" aria-label="Next beat">▶</button>
        <button type="button" class="btn btn-primary btn-sm" data-play data-key="g" x-on:click="play">Play</button>
    </div>
    <div class="floor-tracks" hidden data-tracks aria-live="polite"></div>
    <div class="floor-said" data-said aria-live="polite">
        @foreach ($bench->beats as $index => $beat)
            <div data-beat="{{ $beat->frame->number }}" data-time="{{ round($beat->frame->time, 3) }}" data-track="{{ $beat->track }}" data-condition="{{ $beat->condition() }}" @if ($index > 0) hidden @endif>
                @include('workbench.beat')
            </div>
        @endforeach
    </div>
    @if ($bench->headShortfalls() !== [])
        <p class="form-text mb-1">@foreach ($bench->headShortfalls() as $shortfall)With his {{ $shortfall->without }}, beat {{ $shortfall->failsAt }} fails: {{ $shortfall->because }} @endforeach</p>
    @endif
    @foreach ($bench->examination->trial->run->landings as $landing)
        <p class="form-text mb-1">Beat {{ $landing->number }} runs on into “{{ $landing->title }}”, beat {{ $landing->beat }}: {{ abs(round($landing->closer * 100)) }} cm {{ $landing->closer >= 0 ? 'nearer' : 'farther' }} than there, turned {{ abs(round($landing->turned)) }}° otherwise{{ $landing->isHeld === $landing->heldThere ? '' : ($landing->isHeld ? ', held here and not there' : ', held there and not here') }}.</p>
    @endforeach
    <details class="mt-2"><summary>Beat by beat as a table</summary>@include('workbench.table')</details>
</div>
