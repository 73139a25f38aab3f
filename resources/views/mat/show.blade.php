<x-layout title="Mat" place="mat">
<div class="mat-drill" x-data="mat" x-bind:data-running="isRunning" data-kit="{{ route('mat.kit', array_filter(['find' => $find]), absolute: false) }}" data-reps="{{ route('mat.store', absolute: false) }}">
    <p class="held" role="status"><span x-text="held">Looking for what waits …</span> <a x-cloak x-show="signedOut" href="{{ route('sign-in', absolute: false) }}">Sign in, then it goes on</a></p>
    <p class="caution text-bg-dark" x-cloak x-show="isInsecure">This page came over plain http, so the browser lets it keep nothing for a time without a network. Reps still wait in this page: do not close it before they are with the school. To work without a network, open the school over https, or on the machine itself.</p>
    <section class="slab-dark refused" x-cloak x-show="showsRefused" aria-labelledby="refused-title">
        <h2 id="refused-title">Reps that the school refused</h2>
        <p>They stay on this device until you mend them and send them again.</p>
        <template x-for="rep in refused" x-bind:key="rep.id">
            <div class="refused-rep" x-bind:data-rep="rep.id" x-bind:data-stored="rep.stored">
                <p><strong x-text="rep.what"></strong></p>
                <p class="caution text-bg-dark" x-text="rep.why"></p>
                <dl class="versions" x-show="rep.hasStored"><dt>On this device</dt><dd x-text="rep.here"></dd><dt>With the school</dt><dd x-text="rep.there"></dd></dl>
                <div class="settings">
                    <label class="form-label">Rung <select class="form-select" name="rung" x-bind:value="rep.rung">@foreach ($rungs as $rung)<option value="{{ $rung->id }}">{{ $rung->id }} {{ $rung->name }}</option>@endforeach</select></label>
                    <label class="form-label">Outcome <select class="form-select" name="outcome" x-bind:value="rep.outcome">@foreach ($outcomes as $outcome)<option>{{ $outcome->value }}</option>@endforeach</select></label>
                    <label class="form-label" x-show="rep.hasStored">Reason for a correction <input class="form-control" name="reason" maxlength="500"></label>
                </div>
                <div class="chips">
                    <button type="button" class="small" x-show="!rep.hasStored" x-on:click="sendAgain">Send again as shown</button>
                    <button type="button" class="small" x-show="rep.canImprovise" x-on:click="improvise">Send as improvised</button>
                    <button type="button" class="small" x-show="rep.hasStored" x-on:click="recordToo">Record it as another rep</button>
                    <button type="button" class="small" x-show="rep.hasStored" x-on:click="correctThere">Correct what the school has</button>
                    @if ($deletes)<button type="button" class="small" x-on:click="remove" x-text="removeWord(rep.id)">Delete</button>@endif
                </div>
            </div>
        </template>
    </section>
    <section x-show="isSetup" aria-labelledby="setup-title">
        <h1 id="setup-title">Set up a drill</h1>
        @if ($ranks->isEmpty())<x-no-ranks/>
        @elseif ($students === 0)
            <div class="first-thing"><h2 class="mt-0">Nobody trains here yet</h2><p>Add who trains, then drill.</p><a class="btn btn-rust" href="{{ route('students.create') }}">Add a student</a></div>
        @else
        @if ($more > 0)
        <form class="find-people" method="get" action="{{ route('mat', absolute: false) }}" role="search">
            <div><label class="form-label" for="find">Not on this page: {{ number_format($more) }} who were not here of late</label><input class="form-control" id="find" name="find" type="search" maxlength="200" value="{{ $find }}" placeholder="a part of the name"></div>
            <button class="small">Bring them here</button>
        </form>
        @endif
        <form x-ref="setup" x-on:submit.prevent="start" hx-post="{{ route('mat.outlook', absolute: false) }}" hx-trigger="change delay:250ms" hx-target="#outlook" hx-sync="this:replace">
            <fieldset class="who-is-here"><legend>Who is here</legend>
                <p x-show="isComing">Looking for who trains here …</p>
                <template x-for="student in everybody" x-bind:key="student.id"><label class="person"><input type="checkbox" name="people[]" x-bind:value="student.id"><span><strong x-text="student.name"></strong><small x-text="student.notes"></small></span></label></template>
            </fieldset>
            <div class="settings">
                <div><label class="form-label" for="rung">Rung</label><select class="form-select" id="rung" name="rung" x-ref="rung" x-on:change="choseRung">@foreach ($rungs as $rung)<option value="{{ $rung->id }}">{{ $rung->id }} {{ $rung->name }}</option>@endforeach</select></div>
                <div><label class="form-label" for="list">From</label><select class="form-select" id="list" name="list">
                    <option value="most">what tonight needs most</option><option value="holes">what each does not hold yet</option>
                    <optgroup label="What a rank needs">@foreach ($ranks as $rank)<option value="rank:{{ $rank->code }}">{{ $rank->name }}</option>@endforeach</optgroup>
                    <optgroup label="A family">@foreach ($families as $family)<option value="family:{{ $family->value }}">{{ $family->plural() }}</option>@endforeach</optgroup>
                    @if ($lists->isNotEmpty())<optgroup label="A saved list">@foreach ($lists as $list)<option value="list:{{ $list->id }}">{{ $list->name }}</option>@endforeach</optgroup>@endif
                </select></div>
                <div><label class="form-label" for="each">Reps each</label><input class="form-control" id="each" name="each" type="number" min="1" max="200" value="5"></div>
                <div><label class="form-label" for="minutes">Minutes at most</label><input class="form-control" id="minutes" name="minutes" type="number" min="0" max="240" placeholder="no limit"></div>
            </div>
            <div class="chips"><label><input type="checkbox" name="sound" checked> sound</label><label><input type="checkbox" name="flash" checked> flash</label><label><input type="checkbox" name="watch"> stopwatch</label></div>
            <p class="flash flash-wrong" role="alert" tabindex="-1" x-cloak x-ref="wrong" x-show="wrong" x-text="wrong"></p>
            <button class="begin">Start the drill</button>
            <div id="outlook" aria-live="polite" data-unanswered="The school does not answer now, so this is not worked out. The drill needs no network: start it."><p class="lead-line">Tap who is here: this says what is drawn from, what is left out, and whether there is time.</p></div>
        </form>
        @endif
    </section>
    <section x-cloak x-show="isLocked" aria-labelledby="locked-title"><h1 id="locked-title">Sign in to go on</h1><p class="lead-line">Your session is over, so nothing of the people who train here is shown. The reps that wait on this device are kept and are sent once you have signed in.</p><a class="begin" href="{{ route('sign-in', absolute: false) }}">Sign in</a></section>
    <section class="stage" x-cloak x-ref="stage" x-show="isRunning" aria-label="The caller">
        <div class="turn"><span class="who-defends" x-text="defender"></span><span class="who-attacks">attacked by <strong x-text="attacker"></strong></span><span class="progress-said" x-text="progress"></span></div>
        <div class="attack-shown" aria-live="polite">
            <div x-show="isShown"><p class="attack-title" x-text="title"></p><p class="attack-said"><span x-text="said"></span> <strong x-text="otherwise"></strong></p></div>
            <button type="button" class="peek" x-show="canPeek" x-on:pointerdown="peek" x-on:pointerup="hide" x-on:pointerleave="hide" x-on:keydown.enter="peek" x-on:keyup.enter="hide">Attacker: hold to see</button>
        </div>
        <div class="acting">
            <p class="call" x-show="isCalled" role="alert"><span x-text="call"></span> <span class="watch" x-text="clock"></span></p>
            <p class="call quiet" x-show="isWaiting">Wait …</p>
            <button type="button" class="go" data-go x-show="isReady" x-on:click="go" x-text="startWord"></button>
            <div class="outcomes" x-show="isCalled">
                @foreach ($outcomes as $outcome)
                    <button type="button" class="outcome {{ match ($outcome->credit()) { 1.0 => 'good', 0.5 => 'half', 0.0 => 'none', default => '' } }}" data-outcome="{{ $outcome->value }}" x-on:click="outcome"><strong>{{ ucfirst($outcome->value) }} <kbd>{{ $outcome->value === 'stopped' ? 'x' : $outcome->value[0] }}</kbd></strong><small>{{ $outcome->meaning() }}</small></button>
                @endforeach
            </div>
            <div class="halted" x-show="isHalted" role="alert"><p>Stop. Everybody stands still.</p><button type="button" class="go" data-go x-on:click="goOn">Go on</button><button type="button" class="outcome" data-outcome="stopped" x-on:click="outcome">Count this one as stopped</button></div>
            <p class="side-notes"><span x-show="showsWhatIf"><strong>What</strong> <span x-text="whatIf"></span></span> <span x-show="showsProof"><strong>Before this drill:</strong> <span x-text="proof"></span></span> <span x-show="stressor"><strong>With:</strong> <span x-text="stressor"></span></span> <span class="cautions-said" x-show="isShown" x-text="cautions"></span> <small x-text="leftOut"></small></p>
            <div class="last-rep" x-show="hasLast">
                <p><strong x-text="lastSaid"></strong> <button type="button" class="small" x-on:click="undo">Undo <kbd>u</kbd></button></p>
                <div class="chips"><template x-for="word in ['arm', 'body', 'head']"><button type="button" data-name="touched" x-bind:data-value="word" x-bind:aria-pressed="chosen('touched', word)" x-on:click="chip">touched <span x-text="word"></span></button></template>
                    <template x-for="fault in faults"><button type="button" data-name="fault" x-bind:data-value="fault" x-bind:aria-pressed="chosen('fault', fault)" x-on:click="chip" x-text="fault"></button></template>
                    <template x-for="answer in answers"><button type="button" data-name="answer" x-bind:data-value="answer.id" x-bind:aria-pressed="chosen('answer', answer.id)" x-on:click="chip" x-text="answer.title"></button></template></div>
            </div>
        </div>
        <div class="stage-foot"><button type="button" class="stop-word" x-on:click="halt">STOP</button><button type="button" class="small" x-on:click="finish">End the drill</button></div>
    </section>
    <section x-cloak x-show="isDone" aria-labelledby="done-title"><h1 id="done-title">Done</h1><p class="lead-line"><span x-text="progress"></span> reps. Hands up, look around, go.</p><button type="button" class="begin" x-on:click="again">Set up another</button> <a class="tile" href="{{ route('students.index') }}">See the ladders</a></section>
</div>
</x-layout>
