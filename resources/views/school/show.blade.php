<x-layout title="School">
    <h1>{{ $school->name }}</h1>
    <x-unreadable :rows="$unreadable"/>
    <x-wrong-fields/>
    <h2>Ranks, the lowest first</h2>
    @if ($ranks->isEmpty())<div class="first-thing"><h2 class="mt-0">Name your ranks, the lowest first</h2><p class="mb-0">For each: the most beats an answer of that rank should have, and the rung of pressure at which its students should hold what they need. Or bring a catalogue file, below.</p></div>@endif
    @foreach ($ranks as $rank)
        <div class="search-row my-2">
            <form method="post" action="{{ route('ranks.update', $rank) }}" class="search-row m-0">
                @csrf @method('put')
                <div><label class="form-label" for="name-{{ $rank->id }}">Name</label><input class="form-control" id="name-{{ $rank->id }}" name="name" value="{{ $rank->name }}" required></div>
                <div><label class="form-label" for="beats-{{ $rank->id }}">Most beats</label><input class="form-control" id="beats-{{ $rank->id }}" name="max_beats" type="number" min="1" max="99" value="{{ $rank->max_beats }}" required></div>
                <div><label class="form-label" for="goal-{{ $rank->id }}">Goal rung</label><select class="form-select" id="goal-{{ $rank->id }}" name="goal_rung">@foreach ($rungs as $rung)<option value="{{ $rung->id }}" @selected($rung->id === $rank->goal_rung)>{{ $rung->id }} {{ $rung->name }}</option>@endforeach</select></div>
                <button class="btn btn-plain">Save</button>
            </form>
            <form method="post" action="{{ route('ranks.destroy', $rank) }}" data-confirm="Delete the rank “{{ $rank->name }}”? This cannot be undone.">@csrf @method('delete')<button class="btn btn-plain" aria-label="Delete {{ $rank->name }}">Delete</button></form>
        </div>
    @endforeach
    <form method="post" action="{{ route('ranks.store') }}" class="slab search-row">
        @csrf
        <div><label class="form-label" for="name">New highest rank</label><input class="form-control" id="name" name="name" value="{{ old('name') }}" required maxlength="200"></div>
        <div><label class="form-label" for="max_beats">Most beats</label><input class="form-control" id="max_beats" name="max_beats" type="number" min="1" max="99" value="{{ old('max_beats', 4) }}" required></div>
        <div><label class="form-label" for="goal_rung">Goal rung</label><select class="form-select" id="goal_rung" name="goal_rung">@foreach ($rungs as $rung)<option value="{{ $rung->id }}" @selected($rung->id === (int) old('goal_rung', 2))>{{ $rung->id }} {{ $rung->name }}</option>@endforeach</select></div>
        <button class="btn btn-rust">Add the rank</button>
    </form>
    <h2 id="rungs">Rungs of pressure, the lowest first</h2>
    <p class="lead-line">What is changed here holds from now on. Reps keep the number of the rung that they were recorded at.</p>
    @foreach ($ladder as $rung)
        <div class="search-row my-1 rung-row">
            <strong class="rung-number">{{ $rung->number }}</strong>
            <form method="post" action="{{ route('rungs.update', $rung) }}" class="search-row m-0 wide">@csrf @method('put') @include('school.rung', ['key' => $rung->id])<button class="btn btn-plain btn-sm">Save</button></form>
            <form method="post" action="{{ route('rungs.destroy', $rung) }}" data-confirm="Delete rung {{ $rung->number }}, “{{ $rung->name }}”? This cannot be undone.">@csrf @method('delete')<button class="btn btn-plain btn-sm" aria-label="Delete rung {{ $rung->number }}">Delete</button></form>
        </div>
    @endforeach
    @if ($ladder->isEmpty())<p>The built-in ladder of seven rungs is used. Adding a rung, or a rank, makes it your own to change.</p>@endif
    <form method="post" action="{{ route('rungs.store') }}" class="slab search-row rung-row">@csrf @include('school.rung', ['key' => 'new', 'rung' => null])<button class="btn btn-rust btn-sm">Add a highest rung</button></form>
    <h2 id="weights">What holes weigh, and the time zone</h2>
    <p class="lead-line">A hole weighs the prevalence of its attack (1 to 5, set at the attack), shared among its sides, times the figure of its kind. The time zone is where dates in a file of reps are meant.</p>
    <form method="post" action="{{ route('school.update') }}" class="slab">
        @csrf @method('put')
        <div class="factors">
            @foreach ($kinds as $kind)
                <div><label class="form-label" for="factor-{{ $loop->index }}">{{ $kind->value }} <span class="narrow">usual {{ $kind->factor() }}</span></label><input class="form-control form-control-sm" id="factor-{{ $loop->index }}" name="factors[{{ $kind->value }}]" type="number" min="0" max="5" step="0.05" required value="{{ is_scalar(old('factors')[$kind->value] ?? null) ? old('factors')[$kind->value] : $core->holeFactor($kind) }}"></div>
            @endforeach
            <div><label class="form-label" for="share">Proven when so many of a rank hold it, %</label><input class="form-control form-control-sm" id="share" name="share" type="number" min="1" max="100" required value="{{ old('share', round(100 * $core->share, 2)) }}"></div>
            <div><label class="form-label" for="zone">Time zone of the school</label><select class="form-select form-select-sm" id="zone" name="zone">@foreach ($zones as $zone)<option @selected($zone === old('zone', $school->zone))>{{ $zone }}</option>@endforeach</select></div>
        </div>
        <p class="mt-3 mb-0"><button class="btn btn-rust">Save</button></p>
    </form>
    <h2 id="file">Catalogue file</h2>
    <p class="lead-line">Everything your school holds, as one open file: YAML or JSON, described in <code>docs/file-format.md</code>.</p>
    <div class="search-row">
        <a class="btn btn-plain" href="{{ route('export', 'yaml') }}">Save as YAML</a> <a class="btn btn-plain" href="{{ route('export', 'json') }}">Save as JSON</a>
    </div>
    <form method="post" action="{{ route('import.check') }}" enctype="multipart/form-data" class="slab search-row">
        @csrf
        <div class="wide"><label class="form-label" for="catalogue">Bring a file</label><input class="form-control" id="catalogue" name="file" type="file" accept=".yaml,.yml,.json" required></div>
        <button class="btn btn-rust">See what it would do</button>
    </form>
</x-layout>
