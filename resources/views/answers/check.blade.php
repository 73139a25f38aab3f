@if ($marks)<pre id="marks" hx-swap-oob="innerHTML">@include('answers.marks')</pre>@endif
@if ($check->errors !== [])
    <p class="mb-1"><strong>{{ count($check->errors) }} {{ Str::plural('place', count($check->errors)) }} cannot be read:</strong></p>
    <ul class="beats-errors">
        @foreach ($check->errors as $error)
            <li><button type="button" data-line="{{ $error->line }}" data-column="{{ $error->column }}" x-on:click="goTo">Line {{ $error->line }}, column {{ $error->column }}</button>:
                found {{ $error->found }}, expected {{ $error->expected }}. @if ($error->nearest)Did you mean <strong>{{ $error->nearest }}</strong>?@endif</li>
        @endforeach
    </ul>
@elseif ($check->beats !== null)
    <p class="mb-1"><strong>Reads well:</strong> {{ count($check->beats->line) }} {{ Str::plural('beat', count($check->beats->line)) }}, {{ count($check->beats->actions()) }} actions.
        @foreach ($check->unknown as $title)<span class="tag tag-critical">no answer is called “{{ $title }}” yet</span>@endforeach</p>
    <details><summary>Its mirror</summary><pre class="beats mt-2">{{ $check->beats->mirror()->toText() }}</pre></details>
@else
    <p class="form-text">Checked while you type.</p>
@endif
