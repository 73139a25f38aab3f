@props(['page', 'query'])
@if ($page->isPart())
    <p class="no-print wall-pages">
        Attacks {{ number_format($page->from) }} to {{ number_format($page->to()) }} of {{ number_format($page->total) }}, family by family.
        @if ($page->number > 1)<a class="btn btn-plain btn-sm" href="{{ route('wall', [...$query->parameters(), 'page' => $page->number - 1], absolute: false) }}">Previous</a>@endif
        @if ($page->number < $page->last)<a class="btn btn-plain btn-sm" href="{{ route('wall', [...$query->parameters(), 'page' => $page->number + 1], absolute: false) }}">Next</a>@endif
        @if (count($page->families) > 1)Only @foreach ($page->families as $family)<a href="{{ route('wall', $query->parameters(['family' => $family->value]), absolute: false) }}">{{ $family->plural() }}</a>@if (! $loop->last), @endif @endforeach @endif
    </p>
@endif
