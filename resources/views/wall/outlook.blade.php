<div class="columns-2">
    <section aria-labelledby="closes"><h2 id="closes">Closes {{ count($outlook->closed) }}</h2><ul>@foreach ($outlook->closed as $one)<li><strong>{{ $one->kind->value }}</strong> {{ $one->reason }}</li>@endforeach</ul>
        @if ($outlook->opened !== [])<h2>Opens {{ count($outlook->opened) }}</h2><ul>@foreach ($outlook->opened as $one)<li><strong>{{ $one->kind->value }}</strong> {{ $one->reason }}</li>@endforeach</ul>@endif</section>
    <section aria-labelledby="ranks"><h2 id="ranks">What it asks of the ranks</h2>
        <table class="table table-sm"><thead><tr><th scope="col">Rank</th><th scope="col">Laid</th><th scope="col">Beats</th><th scope="col">New actions</th><th scope="col">Choice</th></tr></thead><tbody>
            @foreach ($outlook->ranks as $row)<tr @if (! $row['changes']) class="text-secondary" @endif><th scope="row">{{ $row['rank'] }}</th>
                <td>{{ round(100 * $row['covered'][0]) }} %@if ($row['changes']) → {{ round(100 * $row['covered'][1]) }} %@endif</td>
                <td>{{ $row['load'][0]->beats }}@if ($row['changes']) → {{ $row['load'][1]->beats }}@endif</td>
                <td>{{ $row['load'][0]->newActions }}@if ($row['changes']) → {{ $row['load'][1]->newActions }}@endif</td>
                <td>{{ number_format($row['load'][0]->choiceBits, 2) }}@if ($row['changes']) → {{ number_format($row['load'][1]->choiceBits, 2) }}@endif bits</td></tr>@endforeach
        </tbody></table><p class="form-text">Estimates. Choice is the bits of choice among the answers known for the same cell, on average.</p></section>
</div>
