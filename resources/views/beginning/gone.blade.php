<x-layout :title="__('beginning.gone.title')">
<div class="sign-in">
    <h1>{{ __('beginning.gone.title') }}</h1>
    <p class="lead-line">{{ __('beginning.gone.text') }}</p>
    <p><x-button kind="rust" :href="route('sign-in')">{{ __('session.sign-in') }}</x-button></p>
</div>
</x-layout>
