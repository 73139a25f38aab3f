@if ($outlook->people === [])
    <p class="lead-line">Tap who is here: this says what is drawn from, what is left out, and whether there is time.</p>
@else
    <h2>At rung {{ $outlook->rung->id }}, {{ $outlook->rung->name }}</h2>
    <p class="lead-line">{{ $outlook->rung->attackTold ? 'The attack is told' : 'The attack is not told' }}, {{ $outlook->rung->momentTold ? 'and so is the moment' : 'its moment is hidden' }}. Time to spare is what is left when the first beat is done; below nothing it must be seen coming from farther away. Planning estimates.</p>
    <div class="people-outlook">
        @foreach ($outlook->people as $person)
            <div class="slab-dark"><h3>{{ $person['student']->name }}</h3>
                @if ($person['count'] === 0)<p>Nothing on this list for {{ $person['student']->name }}.</p>
                @else<p>Drawn from {{ $person['count'] }}, {{ number_format($person['bits'], 1) }} bits; reacts in {{ number_format($person['reaction'], 2) }} s.</p>@endif
                @if ($person['tight'] !== [])<details><summary>Time to spare, the least first: {{ $person['tight'][0]['title'] }}, {{ number_format($person['tight'][0]['spare'], 2) }} s</summary><ul>@foreach ($person['tight'] as $one)<li>{{ $one['title'] }}: {{ $one['spare'] < 0 ? number_format(-$one['spare'], 2).' s too late, unless it is seen coming '.number_format($one['distance'], 1).' m farther away' : number_format($one['spare'], 2).' s to spare' }}; <small>{{ $one['proof'] }}</small></li>@endforeach</ul></details>@endif
                @foreach ($person['barred'] as $reason)<p class="caution text-bg-dark">{{ $reason }}</p>@endforeach
            </div>
        @endforeach
    </div>
@endif
