<x-layout :title="__('beginning.closed.title')">
<div class="message-page">
    <h1>{{ __('beginning.closed.title') }}</h1>
    <p class="lead-line">{{ __('beginning.closed.text') }}</p>
    <x-button kind="rust" :href="route('sign-in')">{{ __('session.sign-in') }}</x-button>
</div>
</x-layout>
