<x-layout title="A list by pairs">
    <div class="heading-row"><h1>A list by pairs</h1><div class="actions no-print"><a class="btn btn-plain btn-sm" href="{{ route('lists.index') }}">All lists</a></div></div>
    <p class="lead-line">Choose what varies. The list begins with the attacks that meet most pairs of values, so that a short one already meets many.</p>
    @if ($form->families === [])
        <x-no-attacks/>
    @else
    <x-wrong-fields/>
    <div class="pairs-and-rows">
        <form method="get" action="{{ route('lists.create') }}" class="slab" hx-get="{{ route('lists.create') }}" hx-trigger="submit" hx-target="#rows" hx-select="#rows" hx-swap="outerHTML" hx-replace-url="true" hx-indicator="#working" hx-disabled-elt="find button">
            <fieldset><legend>Attacks of</legend>@foreach ($form->families as $family)<label class="tick"><input type="checkbox" class="form-check-input" name="families[]" value="{{ $family->value }}" @checked(in_array($family, $form->chosen, true))> {{ $family->plural() }}</label>@endforeach<span class="form-text d-block">None ticked: all of them.</span></fieldset>
            <fieldset><legend>What varies, besides the kind</legend>@foreach (StoneDrill\Core\Attack\Facet::cases() as $facet)<label class="tick"><input type="checkbox" class="form-check-input" name="facets[]" value="{{ $facet->value }}" @checked(in_array($facet, $form->facets, true))> {{ $facet->value }}</label>@endforeach</fieldset>
            <fieldset><legend>Values</legend>
                <label class="tick"><input type="radio" class="form-check-input" name="values" value="used" @checked($form->onlyUsed)> those in the catalogue</label>
                <label class="tick"><input type="radio" class="form-check-input" name="values" value="all" @checked(! $form->onlyUsed)> all that can be</label></fieldset>
            <div><label class="form-label" for="forbid">Never together</label><textarea class="form-control" id="forbid" name="forbid" rows="3" maxlength="4000" placeholder="place stairs, build larger" aria-describedby="forbid-help">{{ $form->forbid }}</textarea><span class="form-text" id="forbid-help">A line each: <code>place stairs, build larger</code>, or <code>notice off-guard</code> alone to leave it out. What no body can do is left out already.</span></div>
            <div class="mt-2"><label class="form-label" for="most">Attacks at most</label><input class="form-control" id="most" name="most" type="number" min="1" max="1000" value="{{ $form->most }}"></div>
            <div class="mt-2"><label class="form-label" for="seed">Draw</label><input class="form-control" id="seed" name="seed" type="number" min="1" max="999999" value="{{ $form->seed }}"><span class="form-text">The same number gives the same list.</span></div>
            <p class="mt-2 mb-0"><button class="btn btn-rust">Work it out</button> <span id="working" class="htmx-indicator" role="status">Searching …</span></p>
        </form>
        <section id="rows" aria-labelledby="rows-title" aria-live="polite">
            @if ($form->wrong)
                <h2 id="rows-title" class="mt-0">Nothing yet</h2><p class="flash flash-wrong">{{ $form->wrong }}</p>
            @elseif (! $form->rows)
                <h2 id="rows-title" class="mt-0">Nothing yet</h2><p>No attack of the catalogue is of these families.</p>
            @elseif ($form->rows->rows === [])
                <h2 id="rows-title" class="mt-0">Nothing is left</h2><p>What is never together leaves no attack. Take a line away.</p>
            @else
                <h2 id="rows-title" class="mt-0">{{ count($form->listed()) }} {{ Str::plural('attack', count($form->listed())) }} meet {{ number_format($form->met()) }} of {{ number_format($form->rows->feasible()) }} pairs</h2>
                @if (count($form->listed()) < count($form->rows->rows))<p class="form-text">More attacks meet more pairs: {{ $form->rows->needed(0.8) }} meet 80 %, and all pairs take {{ count($form->rows->rows) }}.</p>@endif
                @if ($form->rows->infeasible)<p class="form-text">{{ number_format($form->rows->infeasible) }} more pairs cannot be, or are never together.</p>@endif
                <form method="post" action="{{ route('lists.store') }}" class="search-row my-2">@csrf
                    @foreach ($form->chosen as $family)<input type="hidden" name="families[]" value="{{ $family->value }}">@endforeach
                    @foreach ($form->facets as $facet)<input type="hidden" name="facets[]" value="{{ $facet->value }}">@endforeach
                    <input type="hidden" name="values" value="{{ $form->onlyUsed ? 'used' : 'all' }}"><input type="hidden" name="forbid" value="{{ $form->forbid }}"><input type="hidden" name="seed" value="{{ $form->seed }}"><input type="hidden" name="most" value="{{ $form->most }}">
                    <div class="wide"><label class="form-label" for="list-name">Save it as</label><input class="form-control" id="list-name" name="name" value="{{ old('name') }}" required maxlength="200"></div>
                    <button class="btn btn-primary">Save the list</button>
                </form>
                <table class="table table-sm"><thead><tr><th scope="col">#</th><th scope="col">Attack</th><th scope="col">Otherwise than catalogued</th></tr></thead><tbody>
                    @foreach ($form->listed() as $row)<tr><td>{{ $loop->iteration }}</td><th scope="row"><a href="{{ route('attacks.show', $attacks[$row->attack]) }}">{{ $attacks[$row->attack]->title }}</a>{{ $row->side->value === 'mirrored' ? ', mirrored' : '' }}</th><td>{{ implode(', ', array_map(fn ($facet, $value) => "$facet $value", array_keys($row->otherwise), $row->otherwise)) ?: 'as it is' }}</td></tr>@endforeach
                </tbody></table>
            @endif
        </section>
    </div>
    @endif
</x-layout>
