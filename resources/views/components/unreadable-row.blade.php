@props(['title', 'why', 'edit', 'destroy', 'may'])
<x-layout :title="$title">
    <div class="heading-row"><h1>{{ $title }}</h1></div>
    <p class="flash flash-wrong" role="alert"><strong>This cannot be read</strong>, so it is left out of the wall and of every figure. {{ $why }}</p>
    @if ($may)
        <div class="search-row">
            <a class="btn btn-rust" href="{{ $edit }}">Edit</a>
            <form method="post" action="{{ $destroy }}" data-confirm="Delete “{{ $title }}”? This cannot be undone.">@csrf @method('delete')<button class="btn btn-plain">Delete</button></form>
        </div>
    @endif
    {{ $slot }}
</x-layout>
