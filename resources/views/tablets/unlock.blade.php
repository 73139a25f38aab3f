<x-layout :title="__('tablets.who')" place="mat">
<div class="mat-drill">
<h1>{{ __('tablets.who') }}</h1>
@if ($people->isEmpty())
    <p class="lead-line">{{ __('tablets.nobody') }}</p>
@else
<form method="post" action="{{ route('tablet.unlock') }}" class="unlock">
    @csrf
    <fieldset class="who-is-here"><legend>{{ __('tablets.tap-name') }}</legend>
        @foreach ($people as $person)
            <label class="person"><input type="radio" name="person" value="{{ $person->id }}" required
                @checked(old('person') === (string) $person->id)><span><strong>{{ $person->name }}</strong>
                <small>{{ $person->role->title() }}</small></span></label>
        @endforeach
    </fieldset>
    <x-field name="pin" class="pin-field" :label="__('account.pin.title')">
        <x-input name="pin" type="password" inputmode="numeric" pattern="[0-9]*" required :maxlength="App\Models\User::PIN"
            autocomplete="off"/>
    </x-field>
    <button class="begin">{{ __('tablets.begin') }}</button>
</form>
@endif
<div class="unlock-other">
    <a href="{{ route('sign-in', ['by' => 'email']) }}">{{ __('tablets.by-email') }}</a>
    <form method="post" action="{{ route('tablet') }}" data-confirm="{{ __('tablets.leave-question') }}">@csrf @method('delete')<button
        class="small">{{ __('tablets.leave') }}</button></form>
</div>
</div>
</x-layout>
