<x-layout title="Cross-table">
    <div class="heading-row"><h1>The wall by {{ $down->id }} and {{ $across->id }}</h1><div class="actions no-print"><a class="btn btn-plain btn-sm" href="{{ route('wall', $query->parameters()) }}">Back to the wall</a></div></div>
    <form method="get" action="{{ route('cross') }}" class="search-row no-print">
        @foreach ($query->parameters() as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
        @foreach (['down' => [$down, 'Down'], 'across' => [$across, 'Across']] as $name => [$chosen, $label])
            <div><label class="form-label" for="{{ $name }}">{{ $label }}</label><select class="form-select" id="{{ $name }}" name="{{ $name }}">@foreach (StoneDrill\Core\Coverage\Aspect::all() as $aspect)<option value="{{ $aspect->id }}" @selected($aspect->id === $chosen->id)>{{ $aspect->id }}</option>@endforeach</select></div>
        @endforeach
        <button class="btn btn-primary">Count</button>
    </form>
    @if (! $query->selection->isEverything())<p class="chips">@foreach ($query->selection->values as $aspect => $value)<a class="chip" href="{{ route('cross', [...$query->parameters([$aspect => null]), 'down' => $down->id, 'across' => $across->id]) }}">{{ $aspect }} {{ $value }} <span aria-hidden="true">×</span><span class="visually-hidden">take away</span></a>@endforeach</p>@endif
    <p class="form-text">In each field: sides of attacks, the share of what is needed that is laid in time, holes.@if (! $isWhole) Holes in what is laid are not worked out yet; <a href="{{ route('wall') }}">the wall</a> does it.@endif Press one to see it on the wall.</p>
    @if ($table->down === [])
        <div class="first-thing">No attack has all of that.</div>
    @else
        <div class="scroll-x" tabindex="0" role="region" aria-label="Cross-table"><table class="table table-sm cross-table">
            <thead><tr><th scope="col">{{ $down->id }} \ {{ $across->id }}</th>@foreach ($table->across as $value)<th scope="col">{{ $value }}</th>@endforeach<th scope="col">all</th></tr></thead>
            <tbody>
                @foreach ($table->down as $row)
                    <tr><th scope="row">{{ $row }}</th>
                        @foreach ($table->across as $column)<td>@include('wall.tally', ['tally' => $table->at($row, $column), 'to' => [$down->id => $row, $across->id => $column]])</td>@endforeach
                        <td class="whole">@include('wall.tally', ['tally' => $table->row($row), 'to' => [$down->id => $row]])</td></tr>
                @endforeach
                <tr class="whole"><th scope="row">all</th>@foreach ($table->across as $column)<td>@include('wall.tally', ['tally' => $table->column($column), 'to' => [$across->id => $column]])</td>@endforeach<td></td></tr>
            </tbody>
        </table></div>
    @endif
    <section aria-labelledby="pairs"><h2 id="pairs">{{ number_format(count($pairs->missing)) }} of {{ number_format($pairs->pairs) }} pairs that can be are in no attack</h2>
        <p class="form-text">Two values of two facets (or a family) that go together in some feasible attack and in none of the catalogue, on either side. Those with the most feasible attacks first.</p>
        @if ($pairs->missing !== [])
            <table class="table table-sm pairs-table"><thead><tr><th scope="col">Pair</th><th scope="col">Feasible attacks with it</th><th scope="col">For example</th><td></td></tr></thead><tbody>
                @foreach (array_slice($pairs->missing, 0, App\Http\Controllers\CrossController::SHOWN) as $pair)
                    <tr><th scope="row">{{ implode(' and ', array_map(fn ($aspect, $value) => "$aspect $value", array_keys($pair->values), $pair->values)) }}</th><td>{{ number_format($pair->attacks) }}</td><td>{{ $pair->kind->name }}</td>
                        <td>@can('create', App\Models\Attack::class)<a href="{{ route('attacks.create', ['kind' => $pair->kind->id, ...$pair->facets->toArray()]) }}" aria-label="Catalogue one with {{ implode(' and ', array_map(fn ($aspect, $value) => "$aspect $value", array_keys($pair->values), $pair->values)) }}">catalogue one</a>@endcan</td></tr>
                @endforeach
            </tbody></table>
            @if (count($pairs->missing) > App\Http\Controllers\CrossController::SHOWN)<p class="form-text">and {{ number_format(count($pairs->missing) - App\Http\Controllers\CrossController::SHOWN) }} smaller ones.</p>@endif
        @endif
    </section>
</x-layout>
