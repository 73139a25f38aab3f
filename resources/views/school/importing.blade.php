<x-layout :title="__('school.import.title')">
<div class="message-page">
    <h1>{{ __('school.import.importing') }}</h1>
    <p class="lead-line" role="status">{{ __('school.import.importing-help') }}</p>
</div>
</x-layout>
