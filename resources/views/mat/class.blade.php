<section class="class-stage" x-cloak x-ref="class" x-show="isClass" aria-labelledby="block-title">
<header class="class-head">
    <h1 id="block-title" x-text="blockName"></h1>
    <p class="class-clock" role="timer" x-text="face"></p>
    <p class="class-next" x-text="nextName"></p>
</header>
<div class="class-acts">
    <button type="button" class="small" x-bind:data-starts="startsClass" x-on:click="pause" x-text="pauseWord"></button>
    <button type="button" class="small" x-on:click="addMinute">{{ __('mat.class.minute') }}</button>
    <button type="button" class="small" x-on:click="skip">{{ __('mat.class.skip') }}</button>
    <button type="button" class="small" x-show="isPractice" x-on:click="nextRound">{{ __('mat.class.next-round') }}</button>
    <button type="button" class="small" x-bind:aria-expanded="peopleShown" x-on:click="togglePeople" x-text="hereWord"></button>
</div>
<section x-show="isClosing" aria-labelledby="home-title">
    <h2 id="home-title">{{ __('classes.home') }}</h2>
    <ul class="class-tally"><template x-for="line in home" x-bind:key="line.id"><li><strong x-text="line.name"></strong>
        <span x-text="line.items"></span></li></template></ul>
</section>
<fieldset class="who-is-here" x-show="peopleShown"><legend x-text="hereWord"></legend>
    <template x-for="student in everybody" x-bind:key="student.id">
        <label class="person"><input type="checkbox" x-bind:value="student.id" x-bind:checked="isHere(student.id)"
            x-on:change="tapPerson"><span><strong x-text="student.name"></strong><small x-text="student.notes"></small></span></label>
    </template>
</fieldset>
<section x-show="isTeaching" aria-labelledby="taught-title">
    <h2 id="taught-title">{{ __('mat.class.taught') }}</h2>
    <p class="class-basics" x-text="basics"></p>
    <template x-for="group in groups"><p class="slab-dark"><strong class="taught" x-text="group.taught"></strong>
        <small x-text="group.names"></small></p></template>
</section>
<section x-show="isPractice" aria-labelledby="round-title">
    <h2 id="round-title" x-text="roundWord"></h2>
    <p x-show="waits" x-text="waits"></p>
    <div class="stations" x-show="!hasChosen">
        <template x-for="station in stations" x-bind:key="station.place">
            <button type="button" class="station" x-bind:data-place="station.place" x-bind:data-can="station.can"
                x-on:click="chooseStation">
                <small x-text="station.name"></small>
                <span><strong x-text="station.defends"></strong> <small x-text="station.tries"></small></span>
                <span>{{ __('mat.attacked-by') }} <b x-text="station.attacks"></b> <small x-text="station.records"></small></span>
                <em x-text="station.title"></em>
            </button>
        </template>
    </div>
    <div x-show="hasChosen" class="station-outcome">
        <p class="who-attacks" x-text="chosenWho"></p>
        <p class="attack-title" x-text="chosenTitle"></p>
        <p class="attack-said" x-text="chosenSaid"></p>
        <p class="side-notes"><span class="cautions-said" x-text="chosenCautions"></span></p>
        <div class="outcomes">
            @foreach ($outcomes as $outcome)
                <x-outcome :outcome="$outcome" type="button" :data-outcome="$outcome->value" x-on:click="stationOutcome"/>
            @endforeach
        </div>
        <div class="class-acts">
            <button type="button" class="small" x-on:click="unchoose">{{ __('mat.class.cancel') }}</button>
            <button type="button" class="small" x-on:click="callPair">{{ __('mat.class.call') }}</button>
        </div>
    </div>
    <p class="lead-line" x-show="!hasChosen">{{ __('mat.class.tap') }}</p>
    @include('mat.last-rep')
</section>
<div class="class-acts">
    <button type="button" class="small" x-on:click="goBack">{{ __('mat.class.back') }}</button>
    <button type="button" class="small" x-on:click="askEnd" x-text="endWord"></button>
</div>
</section>
<section x-cloak x-show="isClassOver" aria-labelledby="over-title">
<h1 id="over-title">{{ __('mat.class.over') }}</h1>
<p class="lead-line">{{ __('mat.class.over-help') }}</p>
<ul class="class-tally"><template x-for="line in classTally" x-bind:key="line.id"><li x-text="line.text"></li></template></ul>
@tablet
@else
    <template x-if="course"><a class="tile" x-bind:href="course.page">{{ __('mat.class.page') }}</a></template>
@endtablet
<button type="button" class="begin" x-on:click="again">{{ __('mat.again') }}</button>
</section>
