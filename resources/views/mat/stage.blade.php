<section class="stage" x-cloak x-ref="stage" x-show="isRunning" aria-label="{{ __('mat.caller') }}">
<div class="turn">
    <span class="who-defends" x-text="defender"></span>
    <span class="who-attacks">{{ __('mat.attacked-by') }} <strong x-text="attacker"></strong></span>
    <span class="progress-said" x-text="progress"></span>
</div>
<div class="attack-shown" aria-live="polite">
    <div x-show="isShown">
        <p class="attack-title" x-text="title"></p>
        <p class="attack-said"><span x-text="said"></span> <strong x-text="differences"></strong></p>
        <p class="attack-card"><strong>{{ __('card.title') }}:</strong> <span x-text="card"></span></p>
    </div>
    <button type="button" class="peek" x-show="canPeek" x-on:pointerdown="peek" x-on:pointerup="hide" x-on:pointerleave="hide"
        x-on:keydown.enter="peek" x-on:keyup.enter="hide">{{ __('mat.hold-to-see') }}</button>
</div>
<div class="acting">
    <p class="call" x-show="isCalled" role="alert"><span x-text="call"></span> <span class="watch" x-text="clock"></span></p>
    <p class="call quiet" x-show="isWaiting">{{ __('mat.wait') }}</p>
    <button type="button" class="go" data-go x-show="isReady" x-on:click="go" x-text="startWord"></button>
    <div class="outcomes" x-show="isCalled">
        @foreach ($outcomes as $outcome)
            <x-outcome :outcome="$outcome" type="button" :data-outcome="$outcome->value" x-on:click="outcome" keyed/>
        @endforeach
    </div>
    <div class="halted" x-show="isHalted" role="alert">
        <p>{{ __('mat.halted') }}</p>
        <button type="button" class="go" data-go x-on:click="goOn">{{ __('mat.go-on') }}</button>
        <button type="button" class="outcome" data-outcome="stopped" x-on:click="outcome">{{ __('mat.count-as-stopped') }}</button>
    </div>
    <p class="side-notes">
        <span x-show="showsWhatIf"><strong>{{ __('mat.what') }}</strong> <span x-text="whatIf"></span></span>
        <span x-show="isShown && cues"><strong>{{ __('mat.cues') }}</strong> <span x-text="cues"></span></span>
        <span x-show="showsProof"><strong>{{ __('mat.before') }}</strong> <span x-text="proof"></span></span>
        <span x-show="stressor"><strong>{{ __('mat.with') }}</strong> <span x-text="stressor"></span></span>
        <span x-show="isShown && reach"><strong>{{ __('mat.reach') }}</strong> <span x-text="reach"></span></span>
        <span class="cautions-said" x-show="isShown && fails">{{ __('mat.fails') }}</span>
        <span class="cautions-said" x-show="isShown" x-text="cautions"></span>
        <small x-text="leftOut"></small>
    </p>
    @include('mat.last-rep')
</div>
<div class="stage-foot">
    <button type="button" class="stop-word" x-on:click="halt">{{ __('mat.stop') }}</button>
    <button type="button" class="small" x-on:click="finish">{{ __('mat.end') }}</button>
</div>
</section>
