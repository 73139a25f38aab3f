<x-layout title="Drill lists">
    <div class="heading-row"><h1>Drill lists</h1><div class="actions no-print"><a class="btn btn-rust btn-sm" data-key="n" href="{{ route('lists.create') }}">Make a list</a></div></div>
    <p class="lead-line">Attacks to drill, in order, to be taken to the mat.</p>
    @if ($lists->isEmpty())
        <div class="first-thing">No list is saved yet. <a href="{{ route('lists.create') }}">Make one that meets every pair</a> of what you choose to vary, in as few attacks as the search finds.</div>
    @else
        <table class="table table-sm"><thead><tr><th scope="col">List</th><th scope="col">Attacks</th><th scope="col">Made by</th><th scope="col">On</th></tr></thead><tbody>
            @foreach ($lists as $list)<tr><th scope="row"><a href="{{ route('lists.show', $list) }}">{{ $list->name }}</a></th><td>{{ $list->items_count }}</td><td>{{ $list->madeBy->name ?? 'somebody who left' }}</td><td>{{ $list->created_at->format('j M Y') }}</td></tr>@endforeach
        </tbody></table>
    @endif
</x-layout>
