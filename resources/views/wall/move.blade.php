<x-layout title="Close a hole">
    <h1>{{ ['mirror' => 'Teach both sides of', 'widen' => 'Let it count here too:', 'earlier' => 'Teach earlier:', 'soften' => 'Soften'][$move->kind->value] }} “{{ $answer->title }}”</h1>
    <p class="lead-line">{{ $hole->reason }}</p>
    <p>@if ($move->kind->value === 'mirror') Its mirror is taught as well.
        @elseif ($move->kind->value === 'widen') What it answers grows by {{ $move->facet }} {{ $move->value }}. It was run there with all sizes.
        @elseif ($move->kind->value === 'earlier') It is introduced at {{ $rankName }}.
        @else What the policy does not teach is replaced by the same limb at the nearest height.@endif</p>
    @if ($move->beats)<pre class="beats mb-2">{{ $move->beats->toText() }}</pre>@endif
    @foreach ($move->findings as $finding)<div class="finding finding-{{ $finding->severity->value }}"><span class="finding-kind">{{ $finding->severity->value }}</span> Beat {{ $finding->beat }}: {{ $finding->message }} <span class="finding-mend">{{ $finding->mend }}</span></div>@endforeach
    <form method="post" action="{{ route('moves.store', $answer) }}" class="my-3">@csrf
        @foreach (['kind' => $hole->kind->value, 'attack' => $hole->attack, 'side' => $hole->side->value, 'move' => $move->kind->value, 'version' => $answer->version] as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
        <button class="btn btn-rust">Do it</button> <a class="btn btn-plain" href="{{ route('wall') }}">Leave it</a>
    </form>
    <div class="columns-2">
        <section aria-labelledby="closes"><h2 id="closes">Closes {{ count($outlook->closed) }}</h2><ul>@foreach ($outlook->closed as $one)<li><strong>{{ $one->kind->value }}</strong> {{ $one->reason }}</li>@endforeach</ul>
            @if ($outlook->opened !== [])<h2>Opens {{ count($outlook->opened) }}</h2><ul>@foreach ($outlook->opened as $one)<li><strong>{{ $one->kind->value }}</strong> {{ $one->reason }}</li>@endforeach</ul>@endif</section>
        <section aria-labelledby="ranks"><h2 id="ranks">What it asks of the ranks</h2>
            <table class="table table-sm"><thead><tr><th>Rank</th><th>Laid</th><th>Beats</th><th>New actions</th><th>Choice</th></tr></thead><tbody>
                @foreach ($outlook->ranks as $row)<tr @if (! $row['changes']) class="text-secondary" @endif><th scope="row">{{ $row['rank'] }}</th>
                    <td>{{ round(100 * $row['covered'][0]) }} %@if ($row['changes']) → {{ round(100 * $row['covered'][1]) }} %@endif</td>
                    <td>{{ $row['load'][0]->beats }}@if ($row['changes']) → {{ $row['load'][1]->beats }}@endif</td>
                    <td>{{ $row['load'][0]->newActions }}@if ($row['changes']) → {{ $row['load'][1]->newActions }}@endif</td>
                    <td>{{ number_format($row['load'][0]->choiceBits, 2) }}@if ($row['changes']) → {{ number_format($row['load'][1]->choiceBits, 2) }}@endif bits</td></tr>@endforeach
            </tbody></table><p class="form-text">Estimates. Choice is the bits of choice among the answers known for the same cell, on average.</p></section>
    </div>
</x-layout>
