<x-layout title="Load of the ranks">
    <div class="heading-row"><h1>What each rank asks</h1><div class="actions no-print"><a class="btn btn-plain btn-sm" href="{{ route('wall') }}">Back to the wall</a></div></div>
    @if ($catalogue->ranks === [])
        <x-no-ranks/>
    @elseif ($catalogue->answers === [])
        <div class="first-thing">No answer is written yet, so no rank asks anything. <a href="{{ route('wall') }}">Begin at the holes of the wall</a></div>
    @else
        <p class="lead-line">Actions to learn at each rank. What answers from before bring along is light; what is new is dark. @if ($steep === [])No step is much higher than the others.@else <strong>Too steep:</strong> {{ implode(', ', array_map(fn ($rank) => array_column($catalogue->ranks, 'name', 'id')[$rank], $steep)) }}, with half as many new actions again as a rank has on average.@endif</p>
        <div class="scroll-x"><svg class="drawing load-drawing" viewBox="0 0 {{ $picture->width }} {{ $picture->height }}" role="img" aria-label="New and known actions of each rank; the table below has the same figures">
            @include('wall.patterns')
            @foreach ($picture->lines as $line)<line class="grid" x1="34" x2="{{ $picture->width }}" y1="{{ $line['y'] }}" y2="{{ $line['y'] }}"/><text class="course-note" x="28" y="{{ $line['y'] + 4 }}" text-anchor="end">{{ $line['says'] }}</text>@endforeach
            @foreach ($picture->bars as $bar)
                <g><title>{{ $bar['says'] }}</title>
                    <rect class="known" x="{{ $bar['x'] }}" y="{{ $bar['known']['y'] }}" width="{{ $picture->bar() }}" height="{{ $bar['known']['height'] }}"/>
                    <rect class="new" x="{{ $bar['x'] }}" y="{{ $bar['new']['y'] }}" width="{{ $picture->bar() }}" height="{{ $bar['new']['height'] }}"/>
                    @if ($bar['isSteep'])<rect class="steep" x="{{ $bar['x'] }}" y="{{ $bar['new']['y'] }}" width="{{ $picture->bar() }}" height="{{ $bar['new']['height'] }}"/>@endif
                    <text class="figure" x="{{ $bar['middle'] }}" y="{{ $bar['known']['y'] - 5 }}" text-anchor="middle">{{ $bar['load']->actions }}, new {{ number_format($bar['load']->newActions, 1) }}</text>
                    <text class="course-name" x="{{ $bar['middle'] }}" y="{{ $picture->foot() + 17 }}" text-anchor="middle">{{ $bar['name'] }}{{ $bar['isSteep'] ? ' ▲' : '' }}</text>
                    <text class="course-note" x="{{ $bar['middle'] }}" y="{{ $picture->foot() + 33 }}" text-anchor="middle">{{ number_format($bar['load']->choiceBits, 2) }} bits of choice</text>
                </g>
            @endforeach
            @if ($picture->limit)<line class="limit" x1="34" x2="{{ $picture->width }}" y1="{{ $picture->limit }}" y2="{{ $picture->limit }}"/><text class="course-note" x="{{ $picture->width - 4 }}" y="{{ $picture->limit - 4 }}" text-anchor="end">new actions above this: too steep</text>@endif
        </svg></div>
        <table class="table table-sm ranks-table">
            <thead><tr><th scope="col">Rank</th><th scope="col">Beats</th><th scope="col">Actions</th><th scope="col">New</th><th scope="col">Brought along</th><th scope="col">Choice</th><th scope="col">Answers introduced</th><th scope="col">First seen here</th></tr></thead>
            <tbody>@foreach ($catalogue->ranks as $rank)
                @php($load = $loads[$rank->id])
                <tr><th scope="row">{{ $rank->name }}</th><td>{{ $load->beats }}</td><td>{{ $load->actions }}</td><td>{{ number_format($load->newActions, 1) }}</td><td>{{ $load->actions === 0 ? '–' : round(100 * (1 - $load->newActions / $load->actions)).' %' }}</td><td>{{ number_format($load->choiceBits, 2) }} bits</td>
                    <td>@forelse ($answers[$rank->id] ?? [] as $answer)<span class="answer-of-rank"><a href="{{ route('answers.show', $answer) }}">{{ $answer->title }}</a>@can('update', $answer) <a class="move-rank" href="{{ route('answers.rank', $answer) }}" aria-label="Move “{{ $answer->title }}” to another rank">⇅</a>@endcan</span> @empty none @endforelse</td>
                    <td>@foreach (['step', 'strike', 'control'] as $kind)
                        @php($here = array_filter($basics->at($rank->id), fn ($basic) => $basic->kind->value === $kind))
                        @if ($here !== [])<div><span class="narrow">{{ $kind }}s</span> @foreach ($here as $basic)<a href="{{ route('basic', Str::slug($basic->deed->value)) }}">{{ $basic->deed->value }}</a>{{ $loop->last ? '' : ', ' }}@endforeach</div>@endif
                    @endforeach</td></tr>
            @endforeach</tbody>
        </table>
        <p class="form-text">Planning estimates. New actions are those that no answer of a lower rank, or earlier in the same one, brings along; choice is the bits of choice among the answers known for the same cell, on average over the cells laid by then. Branches are left out.</p>
    @endif
</x-layout>
