@if ($marks)<pre id="marks" hx-swap-oob="innerHTML">@include('answers.marks', ['check' => $draft->check])</pre>@endif
@if ($draft->check->errors !== [])
<p class="mb-1"><strong>{{ trans_choice('answers.cannot-read', count($draft->check->errors)) }}</strong></p>
<ul class="beats-errors">
    @foreach ($draft->check->errors as $error)
        <li><button type="button" data-line="{{ $error->line }}" data-column="{{ $error->column }}" x-on:click="goTo">{{ __('answers.place',
            ['line' => $error->line, 'column' => $error->column]) }}</button>
            {{ __('answers.found', ['found' => say($error->found), 'expected' => say($error->expected)]) }}
            @if ($error->nearest){{ __('answers.did-you-mean') }} <strong>{{ $error->nearest }}</strong>?@endif</li>
    @endforeach
</ul>
@elseif ($draft->check->beats !== null)
<p class="mb-1"><strong>{{ __('answers.reads-well') }}</strong>
    {{ trans_choice('words.beats', count($draft->check->beats->line)) }}, {{ trans_choice('words.actions',
        count($draft->check->beats->actions())) }}.
    @foreach ($draft->check->unknown as $title)<span class="tag tag-critical">{{ __('answers.no-such-title',
        ['title' => $title]) }}</span>@endforeach</p>
@if ($draft->bench)@include('workbench.findings', ['bench' => $draft->bench])@endif
<details class="mt-1"><summary>{{ __('answers.mirror') }}</summary><pre
    class="beats mt-2">{{ $draft->mirror() }}</pre></details>
@else
<p class="form-text">{{ __('answers.checked-while-typing') }}</p>
@endif
