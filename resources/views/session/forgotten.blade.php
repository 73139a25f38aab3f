<x-layout :title="__('session.forgotten')">
<div class="sign-in">
    <h1>{{ __('session.forgotten') }}</h1>
    <p class="lead-line">{{ __('session.forgotten-lead') }}</p>
    <form method="post" action="{{ route('password.request') }}" class="slab mt-3">
        @csrf
        <x-field name="email" class="mb-3" :label="__('session.email')">
            <x-input name="email" type="email" :value="old('email')" required autofocus maxlength="200" autocomplete="username"/>
        </x-field>
        <x-button kind="rust">{{ __('session.send-link') }}</x-button>
        <x-button :href="route('sign-in')">{{ __('words.back') }}</x-button>
    </form>
</div>
</x-layout>
