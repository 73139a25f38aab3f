<x-layout :title="__('account.factor.title')">
<div class="sign-in">
    <h1>{{ __('account.factor.title') }}</h1>
    <p class="lead-line">{{ __('account.factor.scan') }}</p>
    <div class="slab mt-3">
        <img class="qr" data-qr="{{ $address }}" alt="{{ __('account.factor.picture') }}" hidden>
        <p class="form-text mb-1">{{ __('account.factor.by-hand') }}</p>
        <p><code>{{ implode(' ', str_split($secret, 4)) }}</code></p>
        <form method="post" action="{{ route('factor.update') }}">
            @csrf
            @method('put')
            <x-field name="code" class="mb-3" :label="__('account.factor.code')">
                <x-input name="code" required autofocus maxlength="10" inputmode="numeric" autocomplete="one-time-code"/>
            </x-field>
            <x-button kind="rust">{{ __('account.factor.confirm') }}</x-button>
            <x-button :href="route('account')">{{ __('words.cancel') }}</x-button>
        </form>
    </div>
</div>
</x-layout>
