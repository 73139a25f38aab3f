{{-- The pictures and clips of one thing, as a part of its page. While one is being prepared it asks again. --}}
<div id="footage-here" @if ($list->isWaiting()) hx-get="{{ $list->route('index') }}" hx-trigger="every 2s" hx-swap="outerHTML" @endif>
@if ($list->items === [])<p class="form-text">{{ __('footage.none') }}</p>@endif
<ul class="footage-list">
    @foreach ($list->items as $item)
        <li>
            @if ($item->blank() !== '')
                <p class="footage-blank" role="status">{{ $item->blank() }}</p>
                <a href="{{ route('footage.show', $item->footage) }}">{{ $item->what() }}</a>
            @else
                <a href="{{ route('footage.show', $item->footage) }}"><img src="{{ route('footage.thumbnail', $item->footage) }}"
                    loading="lazy" alt="{{ $item->told() }}"> {{ $item->what() }}</a>
            @endif
        </li>
    @endforeach
</ul>
@can('update', $list->of)<x-button size="sm" :href="$list->route('create')">{{ __('footage.add') }}</x-button>@endcan
</div>
