<section class="slab-dark refused" x-cloak x-show="showsRefused" aria-labelledby="refused-title">
<h2 id="refused-title">{{ __('mat.refused.title') }}</h2>
<p>{{ __('mat.refused.help') }}</p>
<template x-for="rep in refused" x-bind:key="rep.id">
    <div class="refused-rep" x-bind:data-rep="rep.id" x-bind:data-stored="rep.stored">
        <p><strong x-text="rep.what"></strong></p>
        <p class="caution text-bg-dark" x-text="rep.why"></p>
        <dl class="versions" x-show="rep.hasStored">
            <dt>{{ __('mat.refused.here') }}</dt><dd x-text="rep.here"></dd><dt>{{ __('mat.refused.there') }}</dt><dd
                x-text="rep.there"></dd>
        </dl>
        <div class="settings">
            <label class="form-label">{{ __('words.rung') }}
                <select class="form-select" name="rung" x-bind:value="rep.rung">
                    @foreach ($rungs as $rung)<option value="{{ $rung->id }}">{{ $rung->id }} {{ $rung->name }}</option>@endforeach
                </select></label>
            <label class="form-label">{{ __('words.outcome') }}
                <select class="form-select" name="outcome" x-bind:value="rep.outcome">
                    @foreach ($outcomes as $outcome)<option>{{ $outcome->value }}</option>@endforeach
                </select></label>
            <label class="form-label" x-show="rep.hasStored">{{ __('mat.refused.reason') }} <input class="form-control" name="reason"
                maxlength="500"></label>
        </div>
        <div class="chips">
            <button type="button" class="small" x-show="!rep.hasStored" x-on:click="sendAgain">{{ __('mat.refused.send-again') }}</button>
            <button type="button" class="small" x-show="rep.canImprovise" x-on:click="improvise">{{ __('mat.refused.improvised') }}</button>
            <button type="button" class="small" x-show="rep.hasStored" x-on:click="recordToo">{{ __('mat.refused.another') }}</button>
            <button type="button" class="small" x-show="rep.hasStored" x-on:click="correctThere">{{ __('mat.refused.correct') }}</button>
            @if ($deletes)
                <button type="button" class="small" x-on:click="remove" x-text="removeWord(rep.id)">{{ __('words.delete') }}</button>
            @endif
        </div>
    </div>
</template>
</section>
