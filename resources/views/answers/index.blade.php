<x-layout title="Answers">
    <h1>Answers</h1>
    <x-unreadable :rows="$unreadable"/>
    @if ($total === 0)
        <div class="first-thing">
            <h2 class="mt-0">No answer is written yet</h2>
            @if ($hasAttacks)<p>An answer is written to an attack: open one, or take the heaviest hole of the wall.</p><a class="btn btn-rust" href="{{ route('attacks.index') }}">Open an attack</a> <a class="btn btn-plain" href="{{ route('wall') }}">See the holes</a>
            @else<p>An answer is written to an attack, so the catalogue comes first.</p><a class="btn btn-rust" href="{{ route('attacks.index') }}">To the attacks</a>@endif
        </div>
    @else
        <form class="search-row" method="get" action="{{ route('answers.index') }}" role="search">
            <div class="wide"><label class="form-label" for="find">Find in titles and beats</label><input class="form-control" id="find" name="find" type="search" data-key="/" value="{{ $find }}"></div>
            <button class="btn btn-primary">Find</button>
        </form>
        @if ($groups->isEmpty())<div class="first-thing">No answer fits. <a href="{{ route('answers.index') }}">Show all {{ $total }}</a></div>@endif
        @foreach ($groups as $rank => $answers)
            <h2>Introduced at {{ $rank }}</h2>
            <table class="table table-sm">
                <thead class="visually-hidden"><tr><th>Label</th><th>Answer</th><th>Written for</th><th>Sides</th><th>Beats</th></tr></thead>
                <tbody>
                @foreach ($answers as $answer)
                    <tr><td>{{ $answer->label }}</td><th scope="row"><a href="{{ route('answers.show', $answer) }}">{{ $answer->title }}</a></th>
                        <td><a href="{{ route('attacks.show', $answer->attack_id) }}">{{ $answer->attack->title }}</a></td>
                        <td>{{ $answer->mirrored ? 'both sides' : 'one side' }}</td><td>{{ preg_match_all('/^\S/m', $answer->beats) }} beats</td></tr>
                @endforeach
                </tbody>
            </table>
        @endforeach
    @endif
</x-layout>
