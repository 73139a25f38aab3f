@props(['name', 'text' => null])
<x-layout :title="__('errors.'.$name.'.title')">
<div class="message-page">
    <h1>{{ __('errors.'.$name.'.title') }}</h1>
    <p class="lead-line">{{ $text ?? __('errors.'.$name.'.text') }}</p>
    @if (Context::has('request'))<p class="form-text">{{ __('errors.number', ['id' => Context::get('request')]) }}</p>@endif
    <x-button kind="rust" href="/">{{ __('words.first-page') }}</x-button>
</div>
</x-layout>
