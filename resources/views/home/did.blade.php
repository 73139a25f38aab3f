<form method="post" action="{{ route('home.store', $student) }}">
    @csrf
    <x-hidden :values="['id' => (string) Str::uuid()] + $values"/>
    <x-button kind="rust">{{ __('home.did') }}</x-button>
    @if ($times > 0)<span>{{ __('home.done-times', ['count' => $times]) }}</span>@endif
</form>
