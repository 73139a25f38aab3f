<x-layout :title="__('session.new-password')">
<div class="sign-in">
    <h1>{{ __('session.new-password') }}</h1>
    <form method="post" action="{{ route('password.update') }}" class="slab mt-3">
        @csrf
        @method('put')
        <input type="hidden" name="token" value="{{ $token }}">
        <x-field name="email" class="mb-3" :label="__('session.email')">
            <x-input name="email" type="email" :value="old('email', $email)" required maxlength="200" autocomplete="username"/>
        </x-field>
        <x-field name="password" class="mb-3" :label="__('session.new-password')" :hint="__('session.new-password-hint', ['min' =>
            App\Models\User::MIN_PASSWORD])">
            <x-input name="password" type="password" required autofocus maxlength="200" autocomplete="new-password"
                aria-describedby="password-hint"/>
        </x-field>
        <x-button kind="rust">{{ __('words.save') }}</x-button>
    </form>
</div>
</x-layout>
