<x-layout title="Wall">
    <div class="heading-row">
        <h1>The wall</h1>
        @unless ($isEmpty)
            <div class="actions no-print">
                @if ($query->asTable)
                    <a class="btn btn-plain btn-sm" data-key="t" href="{{ route('wall', $query->parameters(['form' => null])) }}">Drawing</a>
                @else
                    <a class="btn btn-plain btn-sm" data-key="t" href="{{ route('wall', $query->parameters(['form' => 'table'])) }}">Table</a>
                @endif
                <a class="btn btn-plain btn-sm" data-key="x" href="{{ route('cross', $query->parameters(['form' => null])) }}">Cross-table</a>
                <a class="btn btn-plain btn-sm" data-key="l" href="{{ route('load') }}">Load of the ranks</a>
                <a class="btn btn-plain btn-sm" data-key="f" href="{{ route('fewest') }}">The shortest way</a>
                <a class="btn btn-plain btn-sm" href="{{ route('wall.svg', $query->parameters(['form' => null])) }}" download>SVG</a>
                <a class="btn btn-plain btn-sm" href="{{ route('wall.csv', $query->parameters(['form' => null])) }}" download>CSV</a>
                @can('create', App\Models\Attack::class)<a class="btn btn-rust btn-sm" data-key="n" href="{{ route('attacks.create') }}">Catalogue an attack</a>@endcan
            </div>
        @endunless
    </div>
    <x-unreadable :rows="$unreadable"/>
    @if ($ranks->isEmpty())
        <x-no-ranks/>
    @elseif ($isEmpty)
        <x-no-attacks/>
    @else
        @include('wall.narrow')
        {!! $body !!}
    @endif
</x-layout>
