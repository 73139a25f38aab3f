{{-- Links to the parts of a long page. --}}
@props(['parts'])
<p class="no-print">{{ __('words.contents') }}:
    @foreach ($parts as $part => $heading)<a href="#{{ $part }}">{{ $heading }}</a>@if (! $loop->last) · @endif @endforeach
</p>
