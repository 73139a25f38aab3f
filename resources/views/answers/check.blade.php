@if ($marks)<pre id="marks" hx-swap-oob="innerHTML">@include('answers.marks', ['check' => $draft->check])</pre>@endif
@if ($draft->check->errors !== [])
    <p class="mb-1"><strong>{{ count($draft->check->errors) }} {{ Str::plural('place', count($draft->check->errors)) }} cannot be read:</strong></p>
    <ul class="beats-errors">
        @foreach ($draft->check->errors as $error)
            <li><button type="button" data-line="{{ $error->line }}" data-column="{{ $error->column }}" x-on:click="goTo">Line {{ $error->line }}, column {{ $error->column }}</button>:
                found {{ $error->found }}, expected {{ $error->expected }}. @if ($error->nearest)Did you mean <strong>{{ $error->nearest }}</strong>?@endif</li>
        @endforeach
    </ul>
@elseif ($draft->check->beats !== null)
    <p class="mb-1"><strong>Reads well:</strong> {{ count($draft->check->beats->line) }} {{ Str::plural('beat', count($draft->check->beats->line)) }}, {{ count($draft->check->beats->actions()) }} actions.
        @foreach ($draft->check->unknown as $title)<span class="tag tag-critical">no answer is called “{{ $title }}” yet</span>@endforeach</p>
    @if ($draft->bench)@include('workbench.findings', ['bench' => $draft->bench])@endif
    <details class="mt-1"><summary>Its mirror</summary><pre class="beats mt-2">{{ $draft->check->beats->mirror()->toText() }}</pre></details>
@else
    <p class="form-text">Checked while you type.</p>
@endif
