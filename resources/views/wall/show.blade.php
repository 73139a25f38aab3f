<x-layout title="Wall">
    <div class="heading-row">
        <h1>The wall</h1>
        @if ($catalogue->ranks !== [] && $catalogue->attacks !== [])
            <div class="actions no-print">
                @if ($asTable)
                    <a class="btn btn-plain btn-sm" data-key="t" href="{{ route('wall') }}">Drawing</a>
                @else
                    <a class="btn btn-plain btn-sm" data-key="t" href="{{ route('wall', ['form' => 'table']) }}">Table</a>
                @endif
                <a class="btn btn-plain btn-sm" data-key="f" href="{{ route('fewest') }}">The shortest way</a>
                @can('create', App\Models\Attack::class)<a class="btn btn-rust btn-sm" data-key="n" href="{{ route('attacks.create') }}">Catalogue an attack</a>@endcan
            </div>
        @endif
    </div>
    @if ($catalogue->ranks === [])
        <x-no-ranks/>
    @elseif ($catalogue->attacks === [])
        <x-no-attacks/>
    @else
        @include('wall.'.($asTable ? 'table' : 'drawing'))
    @endif
</x-layout>
