<x-layout :$title>
<div class="message-page">
    <h1>{{ $title }}</h1>
    <p class="lead-line" role="status">{{ $help }}</p>
    @if (isset($share))
        <progress class="w-100" max="100" value="{{ $share }}" aria-label="{{ $title }}">{{ $share }} %</progress>
        <p class="form-text">{{ $share }} %</p>
    @else
        <progress class="w-100" max="100" aria-label="{{ $title }}"></progress>
    @endif
</div>
</x-layout>
