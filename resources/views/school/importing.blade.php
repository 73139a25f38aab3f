<x-layout :$title>
<div class="message-page">
    <h1>{{ $title }}</h1>
    <p class="lead-line" role="status">{{ $help }}</p>
</div>
</x-layout>
