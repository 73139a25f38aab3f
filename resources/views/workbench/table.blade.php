<div class="scroll-x" tabindex="0" role="region" aria-label="Beat by beat">
<table class="table table-sm mt-2">
    <thead><tr><th>Beat</th><th>What</th><th>At</th><th>Distance</th><th>His</th><th>Strikes</th><th>He reaches</th><th>Findings</th></tr></thead>
    <tbody>
    @foreach ($bench->beats as $beat)
        <tr><th scope="row">{{ $beat->frame->number }}</th><td>@if ($beat->condition() !== '')<em>{{ $beat->condition() }}:</em> @endif{{ $beat->text }}</td><td>{{ number_format($beat->frame->time, 2) }} s</td><td>{{ number_format($beat->frame->distance, 2) }} m</td><td>{{ $beat->frame->sector->value }}</td>
            <td>{{ implode('; ', $beat->strikes()) }}</td><td>{{ $beat->threats() }}</td><td>@foreach ($beat->findings as $row){{ $row['finding']->severity->value }}, {{ $row['finding']->check }}: {{ $row['finding']->message }} @endforeach</td></tr>
    @endforeach
    </tbody>
</table>
</div>
