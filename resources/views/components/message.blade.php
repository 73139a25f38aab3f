@props(['title'])
<x-layout :title="$title">
    <div class="message-page"><h1>{{ $title }}</h1><p class="lead-line">{{ $slot }}</p><a class="btn btn-rust" href="/">To the beginning</a></div>
</x-layout>
