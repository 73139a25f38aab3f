<x-layout title="The shortest way">
    <div class="heading-row">
        <h1>The shortest way</h1>
        <div class="actions no-print"><a class="btn btn-plain btn-sm" href="{{ route('wall') }}">Back to the wall</a></div>
    </div>
    @if ($catalogue->ranks === [])
        <x-no-ranks/>
    @elseif ($catalogue->attacks === [])
        <x-no-attacks/>
    @else
        <form class="share-of-need no-print" method="get" action="{{ route('fewest') }}" hx-get="{{ route('fewest') }}" hx-trigger="change delay:250ms, submit" hx-target="#fewest" hx-select="#fewest" hx-swap="outerHTML" hx-replace-url="true" hx-sync="this:queue last">
            <div>
                <label class="form-label" for="rank">By the rank</label>
                <select class="form-select" id="rank" name="rank">@foreach ($ranks as $id => $name)<option value="{{ $id }}" @selected($id === $rank)>{{ $name }}</option>@endforeach</select>
            </div>
            <div class="wide">
                <label class="form-label" for="share">Share of what it needs, 5 to 100 %</label>
                <input class="form-range" type="range" id="share" name="share" min="5" max="100" step="5" value="{{ $share }}">
            </div>
            <div><button class="btn btn-rust">Work it out</button></div>
        </form>
        <section id="fewest" aria-labelledby="fewest-title" aria-live="polite">
            <h2 id="fewest-title">Reach {{ $share }} % by {{ $ranks[$rank] }}: {{ count($fewest->chosen) }} {{ Str::plural('answer', count($fewest->chosen)) }}</h2>
            @if ($catalogue->answers === [])
                <p>No answer is written yet. Open an attack and write the first.</p>
            @elseif (! $fewest->isReached)
                <p class="flash flash-wrong">{{ $share }} % cannot be reached with what is written: {{ number_format(100 * $fewest->covered, 1) }} % is the most. The rest is to be written; the <a href="{{ route('wall') }}">holes of the wall</a> say what.</p>
            @else
                <p>They cover {{ number_format(100 * $fewest->covered, 1) }} % of the weight of what {{ $ranks[$rank] }} and the ranks before it need. {{ $fewest->isExact ? 'No fewer do.' : "Fewer than {$fewest->bound} cannot do; whether fewer than ".count($fewest->chosen).' do is not proven.' }}</p>
            @endif
            @if ($fewest->chosen !== [])
                @php($covered = 0.0)
                <table class="table table-sm fewest">
                    <caption class="visually-hidden">The answers in the order to teach them, the largest gain first</caption>
                    <thead><tr><th scope="col">#</th><th scope="col">Answer</th><th scope="col">What to do</th><th scope="col" class="text-end">Sides met</th><th scope="col" class="text-end">Adds</th><th scope="col" class="text-end">Then covered</th><th scope="col"><span class="visually-hidden">As a bar</span></th></tr></thead>
                    <tbody>
                    @foreach ($fewest->chosen as $step)
                        @php($covered += $step['gain'])
                        <tr>
                            <td>{{ $loop->iteration }}</td>
                            <th scope="row"><a href="{{ route('answers.show', $answers[$step['candidate']->answer]) }}">{{ $answers[$step['candidate']->answer]->title }}</a></th>
                            <td>{{ match ($step['candidate']->move) {
                                'mirror' => 'teach its mirror as well',
                                'earlier' => 'teach it earlier, at '.$ranks[$rank],
                                'widen' => 'let it count for what is alike',
                                default => 'teach it as it stands',
                            } }}</td>
                            <td class="text-end">{{ count($step['candidate']->cells) }}</td>
                            <td class="text-end">{{ number_format(100 * $step['gain'], 1) }} %</td>
                            <td class="text-end">{{ number_format(100 * $covered, 1) }} %</td>
                            <td><meter min="0" max="1" value="{{ number_format($covered, 4) }}" aria-label="covered after {{ $loop->iteration }}">{{ number_format(100 * $covered, 1) }} %</meter></td>
                        </tr>
                    @endforeach
                    </tbody>
                </table>
            @endif
        </section>
        <section aria-labelledby="removable-title">
            <h2 id="removable-title">{{ count($removable) }} {{ Str::plural('answer', count($removable)) }} could be left out</h2>
            <p class="form-text mt-0">Each alone: without it nothing would be answered first at another rank. Two of them may stand in for each other, so leave out one and look again.</p>
            @if ($removable === [])
                <p>None: every answer is the first for something.</p>
            @else
                <ul>@foreach ($removable as $id)<li><a href="{{ route('answers.show', $answers[$id]) }}">{{ $answers[$id]->title }}</a></li>@endforeach</ul>
            @endif
        </section>
    @endif
</x-layout>
