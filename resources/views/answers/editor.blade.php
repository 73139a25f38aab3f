<div class="bench-label">
<label class="form-label" for="beats">{{ __('answers.beats-one-a-line') }}</label>
<span class="no-print">
    <x-button size="sm" type="button" x-on:click="undo" :title="__('answers.undo-key')">{{ __('words.undo') }}</x-button>
    <x-button size="sm" type="button" x-on:click="redo" :title="__('answers.redo-key')">{{ __('words.redo') }}</x-button>
</span>
</div>
<div class="beats-paper">
<pre id="marks" x-ref="marks" aria-hidden="true">@include('answers.marks', ['check' => $draft->check])</pre>
<textarea id="beats" name="beats" x-ref="text" x-on:scroll="follow" data-words="{{ json_encode($draft->words) }}" spellcheck="false"
    autocomplete="off" wrap="off" rows="9" aria-describedby="said words-hint"
    placeholder="{{ __('answers.example') }}"
    >{{ $draft->check->text }}</textarea>
</div>
<div class="bench-words" x-ref="words" role="group" aria-live="polite" aria-label="{{ __('answers.next-words') }}"></div>
<p class="visually-hidden" id="words-hint">{{ __('answers.words-hint') }}</p>
<div hx-post="{{ route('attacks.workbench', $draft->attackId) }}" hx-target="#said" hx-include="closest form" hx-params="not _method,_token"
    hx-trigger="input from:#beats delay:25ms, change from:#bench-settings, change from:#rank, change from:#doctrine"
        hx-sync="this:queue last"></div>
<div id="said" class="beats-said" aria-live="polite">@include('answers.check', ['marks' => false])</div>
<details class="mt-2"><summary>{{ __('answers.how-to.title') }}</summary>
<p class="mt-2 mb-1">{{ __('answers.how-to.beat') }}</p>
<dl class="facts">
    @foreach (texts('answers.how-to.examples') as $name => $examples)
        <dt>{{ $name }}</dt><dd>@foreach (explode('`', $examples) as $part)
            @if ($loop->even)<code>{{ $part }}</code>@else{{ $part }}@endif
        @endforeach</dd>
    @endforeach
</dl>
</details>
