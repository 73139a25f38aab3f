<x-layout :title="__('join.gone')">
<div class="message-page">
    <h1>{{ __('join.gone') }}</h1>
    <p class="lead-line">{{ __('join.gone-text') }}</p>
    <x-button kind="rust" :href="route('sign-in')">{{ __('session.sign-in') }}</x-button>
</div>
</x-layout>
