<x-wrong-fields/>
<div class="workbench" x-data="workbench">
    <div class="bench-text">
        <div class="bench-head">
            <x-field name="title" label="Title"><input class="form-control @error('title') is-invalid @enderror" id="title" name="title" value="{{ $form->value('title') }}" maxlength="200" required></x-field>
            <x-field name="rank" label="Introduced at"><select class="form-select" id="rank" name="rank">@foreach ($form->ranks as $rank)<option value="{{ $rank->id }}" @selected($form->value('rank') === (string) $rank->id)>{{ $rank->name }}</option>@endforeach</select></x-field>
        </div>
        <div class="form-check mb-2"><input type="hidden" name="mirrored" value="0"><input class="form-check-input" type="checkbox" id="mirrored" name="mirrored" value="1" @checked((bool) $form->value('mirrored'))><label class="form-check-label" for="mirrored">Both sides are taught</label></div>
        <div class="bench-label"><label class="form-label" for="beats">Beats, one a line</label>
            <span class="no-print"><button type="button" class="btn btn-plain btn-sm" x-on:click="undo" title="Undo (Ctrl+Z)">Undo</button> <button type="button" class="btn btn-plain btn-sm" x-on:click="redo" title="Redo (Ctrl+Shift+Z)">Redo</button></span></div>
        <div class="beats-paper"><pre id="marks" x-ref="marks" aria-hidden="true">@include('answers.marks', ['check' => $draft->check])</pre>
        <textarea id="beats" name="beats" x-ref="text" x-on:scroll="follow" data-words="{{ json_encode($draft->words) }}" spellcheck="false" autocomplete="off" wrap="off" rows="9" aria-describedby="said words-hint"
                  placeholder="left foot step 9, left hand parry forearm&#10;right foot step 1:30, right palm chin -> rocked&#10;  if not: left knee groin -> folded&#10;leave 6   # look for the second one">{{ $draft->check->text }}</textarea></div>
        <div class="bench-words" x-ref="words" role="group" aria-live="polite" aria-label="Words that go on from here"></div>
        <p class="visually-hidden" id="words-hint">While words are offered, Tab takes the first of them and Escape puts them away.</p>
        <div hx-post="{{ route('workbench', $draft->attackId) }}" hx-trigger="input from:#beats delay:60ms, change from:#bench-settings, change from:#rank, change from:#doctrine" hx-target="#said" hx-include="closest form" hx-params="not _method,_token" hx-sync="this:queue last"></div>
        <div id="said" class="beats-said" aria-live="polite">@include('answers.check', ['marks' => false])</div>
        <details class="mt-2"><summary>How to write beats</summary>
            <p class="mt-2 mb-1">A beat is what happens at once: actions joined by commas, then what it does to the attacker after <code>-&gt;</code>, then a <code># note</code>. A what-if stands indented under its beat.</p>
            <ul class="mb-0"><li>Steps: <code>left foot step 9 short</code>, <code>slide 6</code>, <code>pivot 10:30</code>, <code>drop</code>, <code>leave 6</code>. Numbers are hours of the clock seen from above.</li>
                <li>Strikes: <code>right palm chin</code>, <code>left knee groin</code>, <code>right front kick belly x2</code>.</li>
                <li>Hands: <code>left hand parry forearm</code>, <code>both hands strip toward thumb</code>, <code>right hand clamp wrist</code>.</li>
                <li>Effects: released, rocked, driven back, pulled in, folded, straightened, turned, kneeling, dropped, arm gone.</li>
                <li>What-ifs: <code>if not:</code>, <code>if folded:</code>, <code>if gets up:</code>, <code>if far:</code>, <code>if near:</code>, <code>if second attack:</code>, each with beats, <code>go on</code> or <code>go to "Title" beat 2</code>.</li>
                <li>Short: <code>LF RF LH RH BH FH LE RE LK RK HD</code>.</li></ul>
        </details>
        <details class="slab mt-3" @if ($form->hasDetails()) open @endif>
            <summary><strong>Label, doctrine, short form, mistakes</strong></summary>
            <div class="facet-grid my-2">
                <x-field name="label" label="Number or letter"><input class="form-control" id="label" name="label" value="{{ $form->value('label') }}" maxlength="40"></x-field>
                <x-field name="doctrine" label="Doctrine"><select class="form-select" id="doctrine" name="doctrine"><option value="">the school’s</option>@foreach (StoneDrill\Core\Answer\Doctrine::cases() as $doctrine)<option value="{{ $doctrine->value }}" @selected($form->value('doctrine') === $doctrine->value)>{{ $doctrine->value }}</option>@endforeach</select></x-field>
                <x-field name="short_rank" label="Short form from"><select class="form-select" id="short_rank" name="short_rank"><option value="">no short form</option>@foreach ($form->ranks as $rank)<option value="{{ $rank->id }}" @selected($form->value('short_rank') === (string) $rank->id)>{{ $rank->name }}</option>@endforeach</select></x-field>
                <x-field name="short_beats" label="its first beats"><input class="form-control" id="short_beats" name="short_beats" type="number" min="1" max="99" value="{{ $form->value('short_beats') }}"></x-field>
            </div>
            <x-field name="faults" label="Usual mistakes, one a line"><textarea class="form-control" id="faults" name="faults" rows="3">{{ $form->value('faults') }}</textarea></x-field>
        </details>
        <details class="slab mt-3" @if ($form->hasOwnPattern()) open @endif>
            <summary><strong>What else it answers</strong></summary>
            <p class="form-text">It answers its own attack and those like it. Widen or narrow what “like it” means.</p>
            @foreach ($form->kinds() as $kind)<input type="hidden" name="pattern_kind[]" value="{{ $kind }}">@endforeach
            @foreach ($form->pattern as $row)
                <div class="pattern-row">
                    <span id="pattern-{{ $row['facet'] }}">{{ $row['facet'] }}</span>
                    <select class="form-select form-select-sm" name="pattern_mode[{{ $row['facet'] }}]" aria-labelledby="pattern-{{ $row['facet'] }}">
                        <option value="proposed" @selected($row['mode'] === 'proposed')>as proposed: {{ $row['proposal'] }}</option><option value="any" @selected($row['mode'] === 'any')>any</option><option value="these" @selected($row['mode'] === 'these')>these:</option>
                    </select>
                    <div class="checks" role="group" aria-labelledby="pattern-{{ $row['facet'] }}">@foreach ($row['values'] as $value)<label><input type="checkbox" name="pattern[{{ $row['facet'] }}][]" value="{{ $value['id'] }}" @checked($value['on'])> {{ $value['id'] }}</label>@endforeach</div>
                </div>
                @error('pattern.'.$row['facet'])<div class="invalid-feedback d-block">{{ $message }}</div>@enderror
            @endforeach
        </details>
    </div>
    <div class="bench-floor">
        @include('workbench.settings', ['settings' => $draft->settings, 'symmetric' => $draft->isSymmetric, 'rungs' => $draft->rungs])
        <div id="floor-here">@if ($draft->bench)@include('workbench.floor', ['bench' => $draft->bench])@else<div class="floor-stage">@include('workbench.drawing', ['picture' => $draft->situation->picture, 'label' => 'The floor at the start.'])</div>
            <p class="form-text mt-1">The start. It moves with the first beat that can be read.</p><ul>@foreach ($draft->situation->sentences as $sentence)<li>{{ $sentence }}</li>@endforeach</ul>@endif</div>
        <div class="floor-steps no-print">
            <label>First steps that keep <input class="form-control form-control-sm" name="strike" value="right palm chin" aria-label="Strike that must still reach"></label>
            <button type="button" class="btn btn-plain btn-sm" data-ask-steps data-key="b" hx-get="{{ route('first-steps', $draft->attackId) }}" hx-include="#bench-settings, [name=strike]" hx-target="#first-steps">Find the best</button>
            <div id="first-steps" aria-live="polite"></div>
        </div>
    </div>
</div>
