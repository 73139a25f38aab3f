<div class="columns-2">
    @foreach (['By attack' => $trend->byAttack, 'By student' => $trend->byStudent] as $heading => $rows)
        <section><h2>Most frequent mistakes: {{ strtolower($heading) }}</h2>
            @if ($rows === [])<p>None was recorded in the last {{ 2 * App\Mat\FaultTrend::WEEKS }} weeks.</p>
            @else<table class="table table-sm"><thead><tr><th scope="col">{{ $heading === 'By attack' ? 'Attack' : 'Student' }}</th><th scope="col">Mistake</th><th scope="col">Last {{ App\Mat\FaultTrend::WEEKS }} weeks</th><th scope="col">The {{ App\Mat\FaultTrend::WEEKS }} before</th></tr></thead><tbody>
                @foreach ($rows as $row)<tr><th scope="row">{{ $row['name'] }}</th><td>{{ $row['fault'] }}</td><td>{{ $row['now'] }} × {{ $row['now'] > $row['before'] ? '▲ more' : ($row['now'] < $row['before'] ? '▼ fewer' : '= as many') }}</td><td>{{ $row['before'] }} ×</td></tr>@endforeach
            </tbody></table>@endif</section>
    @endforeach
</div>
