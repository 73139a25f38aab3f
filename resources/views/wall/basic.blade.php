<x-layout :title="ucfirst($basic->deed->value)">
    <div class="heading-row"><h1>{{ ucfirst($basic->deed->value) }}</h1><span class="tag">{{ $basic->kind->value }}</span><div class="actions no-print"><a class="btn btn-plain btn-sm" href="{{ route('load') }}">All basics by rank</a></div></div>
    <p class="lead-line">First seen at {{ $rankNames[$basic->rank] }}; used in {{ count($basic->uses) }} {{ Str::plural('answer', count($basic->uses)) }}.</p>
    <div class="columns-2">
        <section aria-labelledby="used"><h2 id="used">Where it is used</h2>
            @foreach ($basic->uses as [$answer, $beats])
                <h3><a href="{{ route('answers.show', $rows[$answer->id]) }}">{{ $answer->title }}</a> <span class="narrow">{{ $rankNames[$answer->rank] }}, {{ Str::plural('beat', count($beats)) }} {{ implode(', ', $beats) }}</span></h3>
                <pre class="beats">{{ rtrim($basic->lines($answer, $beats)) }}</pre>
            @endforeach</section>
        <section aria-labelledby="faults"><h2 id="faults">Usual mistakes where it is used</h2>
            @if ($faults === [])<p>None is written down in these answers, and none was recorded.</p>
            @else<table class="table table-sm"><thead><tr><th scope="col">Mistake</th><th scope="col">Recorded</th><th scope="col">In</th></tr></thead><tbody>@foreach ($faults as $fault)<tr><td>{{ $fault['fault'] }}</td><td>{{ $fault['seen'] === 0 ? 'never' : $fault['seen'].' ×' }}</td><td>{{ $fault['in'] === [] ? 'reps only' : implode(', ', $fault['in']) }}</td></tr>@endforeach</tbody></table>@endif</section>
    </div>
</x-layout>
