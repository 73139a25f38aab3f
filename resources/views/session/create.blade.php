<x-layout :title="__('session.sign-in')">
<div class="sign-in">
    <h1>{{ __('session.sign-in') }}</h1>
    <p class="lead-line">{{ __('session.lead') }}</p>
    <form method="post" action="{{ route('sign-in') }}" class="slab mt-3">
        @csrf
        <x-field name="email" class="mb-3" :label="__('session.email')">
            <x-input name="email" type="email" :value="old('email')" autocomplete="username" required autofocus
                :aria-describedby="$errors->has('email') ? 'email-error' : null"/>
        </x-field>
        <x-field name="password" class="mb-3" :label="__('session.password')">
            <x-input name="password" type="password" autocomplete="current-password" required/>
        </x-field>
        <x-check name="remember" class="mb-3" :label="__('session.remember')" :checked="(bool) old('remember')"/>
        <x-button kind="rust">{{ __('session.sign-in') }}</x-button>
    </form>
    <p class="mt-3 mb-0"><a href="{{ route('password.request') }}">{{ __('session.forgotten') }}</a> ·
        <a href="{{ route('join.create') }}">{{ __('join.have-code') }}</a> ·
        <a href="{{ route('tablet') }}">{{ __('tablets.pair') }}</a></p>
    @if ($mayBegin)
        <p class="mt-3"><a href="{{ route('beginning.create') }}"><strong>{{ __('beginning.start') }}</strong></a>
            <span class="form-text d-block">{{ __('beginning.start-help') }}</span></p>
    @endif
</div>
</x-layout>
