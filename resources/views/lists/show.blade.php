<x-layout :title="$list->name">
    <div class="heading-row"><h1>{{ $list->name }}</h1><div class="actions no-print">
        <a class="btn btn-plain btn-sm" href="{{ route('lists.index') }}">All lists</a>
        @can('delete', $list)<form method="post" action="{{ route('lists.destroy', $list) }}" data-confirm="Delete the list “{{ $list->name }}”? This cannot be undone.">@csrf @method('delete')<button class="btn btn-plain btn-sm">Delete</button></form>@endcan
    </div></div>
    <p class="lead-line">{{ $list->items->count() }} {{ Str::plural('attack', $list->items->count()) }} to drill, made by {{ $list->madeBy->name ?? 'somebody who left' }} on {{ $list->created_at->format('j F Y') }}.</p>
    @if ($list->items->isEmpty())
        <div class="first-thing">Every attack of this list has been deleted since.</div>
    @else
        <table class="table table-sm"><thead><tr><th scope="col">#</th><th scope="col">Attack</th><th scope="col">From</th><th scope="col">Otherwise than catalogued</th></tr></thead><tbody>
            @foreach ($list->items as $item)<tr><td>{{ $loop->iteration }}</td><th scope="row"><a href="{{ route('attacks.show', $item->attack) }}">{{ $item->attack->title }}</a>{{ $item->side === 'mirrored' ? ', mirrored' : '' }}</th><td>{{ $item->attack->phase }}</td><td>{{ implode(', ', array_map(fn ($facet, $value) => "$facet $value", array_keys($item->otherwise), $item->otherwise)) ?: 'as it is' }}</td></tr>@endforeach
        </tbody></table>
    @endif
</x-layout>
