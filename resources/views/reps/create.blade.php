<x-layout title="{{ $replaced ? 'Correct a rep' : 'How did it go?' }}" place="mat">
    <nav class="crumbs" aria-label="Steps"><a href="{{ route('record') }}">‹ somebody else</a> <a href="{{ route('record.attacks', $student) }}">‹ another attack</a></nav>
    <h1>{{ $student->name }}, {{ $attack->title }}{{ $hasSides && $side->value === 'mirrored' ? ' (mirrored)' : '' }}</h1>
    @if ($replaced)<p class="lead-line">Recorded as {{ $replaced->outcome }} at rung {{ $replaced->rung }} on {{ $replaced->at->format('j M Y, H:i') }}. The correction takes its place; the old one stays in the log.</p>@endif
    <p class="lead-line">Now: {{ $proof->says() }}. Estimates.</p>
    @foreach ($cautions as $caution)<p class="caution text-bg-dark">{{ $caution }}</p>@endforeach
    <x-wrong-fields/>
    <form method="post" action="{{ route('reps.store') }}" data-fresh>
        @csrf
        <input type="hidden" name="id" value="{{ $id }}"><input type="hidden" name="student_id" value="{{ $student->id }}"><input type="hidden" name="attack_id" value="{{ $attack->id }}"><input type="hidden" name="side" value="{{ $side->value }}">
        @if ($replaced)<input type="hidden" name="replaces" value="{{ $replaced->id }}">@endif
        <details @if (old('rung') || $errors->any()) open @endif><summary>Rung {{ $rung }}, faults, touched, answer</summary><fieldset class="chips"><legend>Rung</legend>@foreach ($rungs as $of)<label><input type="radio" name="rung" value="{{ $of->id }}" @checked((int) old('rung', $rung) === $of->id)> {{ $of->id }} {{ $of->name }}</label>@endforeach</fieldset>
        @if ($faults->isNotEmpty())<fieldset class="chips"><legend>Faults seen</legend>@foreach ($faults as $fault)<label><input type="checkbox" name="faults[]" value="{{ $fault }}" @checked(in_array($fault, (array) old('faults', $replaced->faults ?? []), true))> {{ $fault }}</label>@endforeach</fieldset>@endif
        <fieldset class="chips"><legend>Touched</legend>@foreach (['' => 'nowhere', 'arm' => 'arm', 'body' => 'body', 'head' => 'head'] as $value => $word)<label><input type="radio" name="touched" value="{{ $value }}" @checked((old('touched', $replaced->touched ?? '') ?? '') === $value)> {{ $word }}</label>@endforeach</fieldset>
        <fieldset class="chips"><legend>Answer</legend>@foreach ($answers as $answer)<label><input type="radio" name="answer_id" value="{{ $answer->id }}" @checked((int) old('answer_id', $replaced ? $replaced->answer_id : ($loop->first ? $answer->id : 0)) === $answer->id)> {{ $answer->title }}</label>@endforeach<label><input type="radio" name="answer_id" value="" @checked($answers->isEmpty() || ($replaced && $replaced->answer_id === null))> improvised</label></fieldset>
        </details>
        @if ($replaced)<div class="mb-2"><label class="form-label" for="reason">Why it is corrected</label><input class="form-control" id="reason" name="reason" maxlength="500" required value="{{ old('reason') }}"></div>@endif
        <div class="outcomes">
            @foreach ($outcomes as $outcome)
                <button class="outcome {{ match ($outcome->credit()) { 1.0 => 'good', 0.5 => 'half', 0.0 => 'none', default => '' } }}" name="outcome" value="{{ $outcome->value }}"><strong>{{ ucfirst($outcome->value) }}</strong><small>{{ $outcome->meaning() }}</small></button>
            @endforeach
        </div>
    </form>
</x-layout>
