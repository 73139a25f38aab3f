<h2>{{ __('account.pin.title') }}</h2>
<form method="post" action="{{ route('account.pin') }}" class="slab">
    @csrf
    @method('put')
    <x-invalid-bag bag="pin"/>
    <p>{{ __('account.pin.help') }} {{ __($user->pin === null ? 'account.pin.none' : 'account.pin.has') }}</p>
    <div class="facet-grid">
        <x-field name="pin" :label="__('account.pin.new')">
            <x-input name="pin" type="password" inputmode="numeric" :maxlength="App\Models\User::PIN" autocomplete="off"/>
        </x-field>
        <x-field name="pin_password" :label="__('account.current-password')">
            <x-input name="pin_password" type="password" required maxlength="200" autocomplete="current-password"/>
        </x-field>
    </div>
    <x-button class="mt-2">{{ __('account.pin.change') }}</x-button>
</form>
