<x-layout :title="__('session.code')">
<div class="sign-in">
    <h1>{{ __('session.code') }}</h1>
    <p class="lead-line">{{ __('session.code-lead') }}</p>
    <form method="post" action="{{ route('sign-in.code') }}" class="slab mt-3">
        @csrf
        <x-field name="code" class="mb-3" :label="__('session.code-field')">
            <x-input name="code" required autofocus maxlength="40" inputmode="text" autocomplete="one-time-code" autocapitalize="off"
                spellcheck="false"/>
        </x-field>
        <x-button kind="rust">{{ __('session.sign-in') }}</x-button>
        <x-button :href="route('sign-in')">{{ __('words.back') }}</x-button>
    </form>
</div>
</x-layout>
