@props(['page', 'query'])
@if ($page->isPart())
<p class="no-print wall-pages">
    {{ __('wall.pages', ['from' => number_format($page->from), 'to' => number_format($page->to()),
        'total' => number_format($page->total)]) }}
    @if ($page->hasPrevious())<x-button size="sm" :href="route('wall', $query->onPage($page->previous()), absolute:
        false)">{{ __('words.previous') }}</x-button>@endif
    @if ($page->hasNext())<x-button size="sm" :href="route('wall', $query->onPage($page->next()), absolute:
        false)">{{ __('words.next') }}</x-button>@endif
    @if (count($page->families) > 1)
        {{ __('wall.only') }}
        @foreach ($page->families as $family)
            <a href="{{ route('wall', $query->parameters(['family' => $family->value]), absolute:
                false) }}">{{ $family->text() }}</a>@if (! $loop->last),@endif
        @endforeach
    @endif
</p>
@endif
