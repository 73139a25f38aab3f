@if ($items !== [])
<ul class="footage-list">
    @foreach ($items as $item)
        <li><figure>
            @if ($item->footage->type->isClip())
                <video controls playsinline preload="none" src="{{ route('footage.file', $item->footage) }}"
                    poster="{{ route('footage.thumbnail', $item->footage) }}" aria-label="{{ $item->told() }}"></video>
            @else
                <img src="{{ route('footage.file', $item->footage) }}" loading="lazy" alt="{{ $item->told() }}">
            @endif
            <figcaption>{{ $item->what() }}</figcaption></figure></li>
    @endforeach
</ul>
@endif
