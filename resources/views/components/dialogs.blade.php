<dialog id="confirmation" aria-labelledby="confirmation-question">
<form method="dialog">
    <p id="confirmation-question" data-question></p>
    <x-button kind="rust" value="yes">{{ __('words.yes') }}</x-button>
    <x-button value="no" autofocus>{{ __('words.cancel') }}</x-button>
</form>
</dialog>
<dialog id="shortcuts" aria-labelledby="shortcuts-title">
<form method="dialog">
    <h2 id="shortcuts-title" class="mt-0">{{ __('layout.keys') }}</h2>
    <dl class="facts">
        @foreach (texts('layout.shortcuts') as $keys => $does)
            <dt>@foreach (explode(' ', (string) $keys) as $key)<kbd>{{ $key }}</kbd> @endforeach</dt>
            <dd>{{ $does }}</dd>
        @endforeach
    </dl>
    <x-button class="mt-3" autofocus>{{ __('words.close') }}</x-button>
</form>
</dialog>
