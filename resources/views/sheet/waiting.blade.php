<x-layout :title="__('sheet.title', ['title' => $answer->title])">
<div class="message-page">
    <h1>{{ __($hasFailed ? 'sheet.failed' : 'sheet.waiting') }}</h1>
    <p class="lead-line" role="status">{{ __($hasFailed ? 'sheet.failed-help' : 'sheet.waiting-help') }}</p>
    @if (! $hasFailed)<progress class="w-100 d-block mb-2" max="100" aria-label="{{ __('sheet.waiting') }}"></progress>@endif
    @if ($hasFailed)<x-button kind="rust" :href="route('answers.pdf', $answer)">{{ __('words.try-again') }}</x-button>@endif
    <x-button :href="route('answers.show', $answer)">{{ __('words.back') }}</x-button>
</div>
</x-layout>
