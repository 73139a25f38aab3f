<section class="class-stage" x-cloak x-show="isExam" aria-labelledby="exam-title">
<header class="class-head">
    <h1 id="exam-title" x-text="examTitle"></h1>
    <p class="class-next" x-text="examProgress"></p>
</header>
<div class="class-acts">
    <template x-for="one in candidates" x-bind:key="one.id">
        <button type="button" class="small" x-bind:data-candidate="one.id" x-bind:aria-pressed="isChosen(one.id)"
            x-on:click="chooseCandidate" x-text="one.name"></button>
    </template>
</div>
<div x-show="hasItem" class="station-outcome">
    <p class="who-attacks" x-text="candidateName"></p>
    <p class="attack-title" x-text="itemTitle"></p>
    <div class="outcomes" x-show="isSolo">
        @foreach (texts('solos.marks') as $mark => $name)
            <button type="button" class="outcome" data-outcome="{{ $mark }}" x-on:click="examOutcome">{{ $name }}</button>
        @endforeach
    </div>
    <div class="outcomes" x-show="isItem">
        @foreach ($outcomes as $outcome)
            <x-outcome :outcome="$outcome" type="button" :data-outcome="$outcome->value" x-on:click="examOutcome"/>
        @endforeach
    </div>
    <div class="class-acts"><button type="button" class="small" x-on:click="dropItem">{{ __('words.cancel') }}</button></div>
</div>
<div class="stations" x-show="hasCandidate && !hasItem">
    <template x-for="item in examItems" x-bind:key="item.id">
        <button type="button" class="station" x-bind:data-item="item.id" x-bind:data-can="!item.outcome" x-on:click="chooseItem">
            <small><span x-text="item.number"></span> <span x-text="item.note"></span></small>
            <em x-text="item.title"></em>
            <strong x-text="item.outcome"></strong>
        </button>
    </template>
</div>
<div class="class-acts">
    <template x-for="one in showings" x-bind:key="one.attempt">
        <button type="button" class="small" x-bind:data-attempt="one.attempt" x-bind:aria-pressed="isAttempt(one.attempt)"
            x-on:click="toggleShowing" x-text="one.says"></button>
    </template>
    <button type="button" class="small" x-on:click="leaveExam">{{ __('mat.exam.leave') }}</button>
</div>
</section>
