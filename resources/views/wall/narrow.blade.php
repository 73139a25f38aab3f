@php($shown = ['family' => 'Family', 'hand' => 'His hand', 'bearing' => 'From', 'place' => 'Place', 'build' => 'He is'])
<details class="narrow-wall no-print">
    <summary data-key="/">Show a part of it, her wall, or what changed</summary>
    <form method="get" action="{{ route('wall', absolute: false) }}" class="search-row">
        @foreach ($query->parameters() as $name => $value)
            @unless (isset($shown[$name]) || in_array($name, ['from', 'to', 'student', 'against', 'since'], true))<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endunless
        @endforeach
        @foreach ($shown as $aspect => $label)
            <div><label class="form-label" for="narrow-{{ $aspect }}">{{ $label }}</label>
                <select class="form-select form-select-sm" id="narrow-{{ $aspect }}" name="{{ $aspect }}"><option value="">any</option>
                    @foreach (StoneDrill\Core\Coverage\Aspect::tryFrom($aspect)->values() as $value)<option value="{{ $value }}" @selected(($query->selection->values[$aspect] ?? '') === $value)>{{ $value }}</option>@endforeach
                </select></div>
        @endforeach
        @foreach (['from' => 'Ranks from', 'to' => 'up to'] as $name => $label)
            <div><label class="form-label" for="narrow-{{ $name }}">{{ $label }}</label>
                <select class="form-select form-select-sm" id="narrow-{{ $name }}" name="{{ $name }}"><option value="">{{ $name === 'from' ? 'the lowest' : 'the highest' }}</option>
                    @foreach ($ranks as $rank)<option value="{{ $rank->code }}" @selected($query->{$name} === $rank->code)>{{ $rank->name }}</option>@endforeach
                </select></div>
        @endforeach
        @foreach (['student' => 'Moss of', 'against' => 'beside'] as $name => $label)
            <div><label class="form-label" for="narrow-{{ $name }}">{{ $label }}</label>
                <select class="form-select form-select-sm" id="narrow-{{ $name }}" name="{{ $name }}"><option value="">{{ $name === 'student' ? 'each rank' : 'nobody' }}</option>
                    @foreach ($students as $student)<option value="{{ $student->id }}" @selected($query->{$name}?->id === $student->id)>{{ $student->name }}</option>@endforeach
                </select></div>
        @endforeach
        <div><label class="form-label" for="narrow-since">Changed since</label><input class="form-control form-control-sm" type="date" id="narrow-since" name="since" max="{{ today()->subDay()->toDateString() }}" value="{{ $query->since?->toDateString() }}"></div>
        <button class="btn btn-primary btn-sm">Show</button>
        <a class="btn btn-plain btn-sm" href="{{ route('wall', $query->parameters(['since' => today()->subWeeks(13)->toDateString()]), absolute: false) }}">Since last season</a>
        @unless ($query->isEverything())<a class="btn btn-plain btn-sm" href="{{ route('wall', $query->asTable ? ['form' => 'table'] : [], absolute: false) }}">The whole wall</a>@endunless
    </form>
</details>
@unless ($query->isEverything())
    <p class="chips" aria-label="Shown">
        @foreach ($query->selection->values as $aspect => $value)<a class="chip" href="{{ route('wall', $query->parameters([$aspect => null]), absolute: false) }}">{{ $aspect }} {{ $value }} <span aria-hidden="true">×</span><span class="visually-hidden">take away</span></a>@endforeach
        @if ($query->from || $query->to)<a class="chip" href="{{ route('wall', $query->parameters(['from' => null, 'to' => null]), absolute: false) }}">{{ $query->from ? $ranks->firstWhere('code', $query->from)->name : 'the lowest' }} to {{ $query->to ? $ranks->firstWhere('code', $query->to)->name : 'the highest' }} <span aria-hidden="true">×</span><span class="visually-hidden">take away</span></a>@endif
        @if ($query->student)<a class="chip" href="{{ route('wall', $query->parameters(['student' => null, 'against' => null]), absolute: false) }}">moss of {{ $query->student->name }}{{ $query->against ? ' (upper half) and '.$query->against->name.' (lower half)' : '' }} <span aria-hidden="true">×</span><span class="visually-hidden">take away</span></a>@endif
        @if ($query->since)<a class="chip" href="{{ route('wall', $query->parameters(['since' => null]), absolute: false) }}">compared with {{ $query->since->format('j F Y') }} <span aria-hidden="true">×</span><span class="visually-hidden">take away</span></a>@endif
    </p>
@endunless
