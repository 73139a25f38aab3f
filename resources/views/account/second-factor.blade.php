<h2 id="factor">{{ __('account.factor.title') }}</h2>
<p class="lead-line">{{ __($user->totp_since ? 'account.factor.is-on' : 'account.factor.is-off') }}</p>
<div class="slab">
    <x-invalid-bag bag="factor"/>
    <form method="post" action="{{ route('factor.store') }}">
        @csrf
        @if ($user->totp_since)@method('delete')@endif
        <x-field name="factor_password" class="mb-2" :label="__('account.current-password')">
            <x-input name="factor_password" type="password" required maxlength="200" autocomplete="current-password"/>
        </x-field>
        @if ($user->totp_since)
            <x-button>{{ __('account.factor.remove') }}</x-button>
            <x-button formaction="{{ route('factor.renew') }}" name="_method" value="post">{{ __('account.factor.renew') }}</x-button>
        @else
            <x-button kind="rust">{{ __('account.factor.set-up') }}</x-button>
        @endif
    </form>
</div>
