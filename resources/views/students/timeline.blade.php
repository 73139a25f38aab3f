<form class="search-row no-print" method="get" action="{{ route('students.show', $student) }}#timeline">
<x-field name="attack" :label="__('words.attack')"><x-select name="attack" :options="['' => __('words.all')] + $log->tried->all()"
    :value="$log->attack?->id"/></x-field>
<x-button kind="primary">{{ __('words.show') }}</x-button>
</form>
@foreach ($proofs as $proof)
<p class="mb-1"><span class="proof-sign {{ $proof->state->value }}" aria-hidden="true">{{ $proof->state->sign() }}</span>
    {{ count($proofs) === 1 ? '' : ucfirst(__('words.sides.'.$proof->side->value)).': ' }}{{ $proof->text() }}.</p>
@endforeach
@php($timeline = $log->timeline)
@if ($timeline->marks !== [])
<x-figure :label="__('students.timeline.label')">
    <svg class="drawing timeline" viewBox="0 0 {{ $timeline->width }} {{ $timeline->height }}" role="img"
        aria-label="{{ $timeline->description() }}">
        <defs>
            <g id="try-whole"><circle r="3.6"/></g>
            <g id="try-half"><circle class="try-rim" r="3.3"/><path d="M0 -3.3 A3.3 3.3 0 0 1 0 3.3 Z"/></g>
            <g id="try-none"><path class="try-rim" d="M-3 -3 L3 3 M-3 3 L3 -3"/></g>
            <g id="try-aside"><rect class="try-rim" x="-2.6" y="-2.6" width="5.2" height="5.2"/></g>
        </defs>
        @foreach ($timeline->rungs as $rung)
            <text class="course-name" x="0" y="{{ $rung['line'] }}">{{ $rung['name'] }}</text>
            <path class="band" d="{{ $rung['band'] }}"/>
        @endforeach
        @foreach ($timeline->months as $month)
            <path class="month" d="{{ $month['path'] }}"/><text class="month-name" x="{{ $month['text'] }}"
                y="{{ $timeline->foot }}">{{ $month['name'] }}</text>
        @endforeach
        @foreach ($timeline->marks as $mark)
            <use class="try" href="#try-{{ $mark['shape'] }}" x="{{ $mark['x'] }}"
                y="{{ $mark['y'] }}"><title>{{ $mark['text'] }}</title></use>
        @endforeach
    </svg>
</x-figure>
<div class="legend">
    @foreach (['whole', 'half', 'none', 'aside'] as $shape)
        <span><svg class="timeline" viewBox="-6 -5 12 10" aria-hidden="true"><use class="try"
            href="#try-{{ $shape }}"/></svg>{{ __('students.timeline.legend.'.$shape) }}</span>
    @endforeach
    <x-save-drawing of="svg.drawing.timeline" :name="$student->code.'-timeline'"/>
    @if ($timeline->isFull())<span>{{ __('students.timeline.latest', ['count' => App\View\Ladder\Timeline::MAX]) }}</span>@endif
</div>
@endif
@php($corrects = $log->isCorrectable())
<div class="table-wide">
<x-table :head="array_values(array_diff_key(texts('students.timeline.columns'), $corrects ? [] : ['correct' => true]))">
@foreach ($log->lines as $line)
    <tr>
        <td><span class="text-nowrap">{{
            school_time($line->rep->at, $line->rep->at->isCurrentYear() ? 'j M' : 'j M Y') }},</span>
            <span class="text-nowrap">{{ school_time($line->rep->at, 'H:i') }}</span></td>
        <td>{{ $line->attack() }}</td>
        <td>{{ $line->rep->rung }}</td>
        <td>@if ($line->isReplaced)<s>{{ $line->outcome() }}</s> {{ __('students.timeline.corrected') }}@else
            {{ $line->outcome() }}@endif{{ $line->notes() }}</td>
        <td>{{ implode('; ', $line->rep->mistakes) }}</td>
        @if ($corrects)<td>@if (! $line->isReplaced)
            <a href="{{ route('reps.correct', $line->rep) }}">{{ __('students.timeline.correct') }}</a>
        @endif</td>@endif
    </tr>
@endforeach
</x-table>
</div>
<x-paging :pages="$log->reps"/>
