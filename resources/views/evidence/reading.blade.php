<x-layout :title="__('evidence.title')">
<x-heading :title="__('evidence.title')">
    <x-button size="sm" :href="route('answers.index')">{{ __('answers.answers') }}</x-button></x-heading>
<p role="status" hx-get="{{ url()->current() }}" hx-trigger="every 3s" hx-target="body">{{ __('evidence.reading') }}</p>
</x-layout>
