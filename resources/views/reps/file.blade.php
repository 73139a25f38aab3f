<x-layout title="Reps as a file">
    <div class="heading-row"><h1>Reps as a file</h1><div class="actions no-print"><a class="btn btn-plain btn-sm" href="{{ route('students.index') }}">People</a></div></div>
    <p class="lead-line">Comma-separated values, a rep a line, with the columns {{ implode(', ', App\Mat\RepSheet::COLUMNS) }}. Students, attacks and answers go by their ids in the catalogue file; faults are parted by semicolons. Each rep has its own UUID: the same file twice adds nothing.</p>
    <p><a class="btn btn-plain" href="{{ route('reps.export') }}">Save all reps as CSV</a></p>
    <x-wrong-fields/>
    <form method="post" action="{{ route('reps.check') }}" enctype="multipart/form-data" class="slab search-row">@csrf
        <div class="wide"><label class="form-label" for="file">Bring a file</label><input class="form-control" id="file" name="file" type="file" accept=".csv,.txt" required></div>
        <button class="btn btn-rust">See what it would do</button>
    </form>
    @if ($sheet)
        <section aria-live="polite"><h2>What it would do</h2>
            @if ($sheet->wrong !== [])
                <p class="flash flash-wrong">{{ count($sheet->wrong) }} {{ Str::plural('line', count($sheet->wrong)) }} cannot be read. Nothing is added before all of them can.</p>
                <table class="table table-sm"><thead><tr><th scope="col">Line</th><th scope="col">What is wrong</th></tr></thead><tbody>@foreach (array_slice($sheet->wrong, 0, 100) as $wrong)<tr><td>{{ $wrong['line'] ?: '–' }}</td><td>{{ $wrong['what'] }}</td></tr>@endforeach</tbody></table>
                @if (count($sheet->wrong) > 100)<p>{{ number_format(count($sheet->wrong) - 100) }} more lines: {{ implode(', ', array_column(array_slice($sheet->wrong, 100), 'line')) }}.</p>@endif
            @else
                <p>{{ count($sheet->new) }} {{ Str::plural('rep', count($sheet->new)) }} would be added; {{ $sheet->known }} are here already.</p>
                @if ($token)<form method="post" action="{{ route('reps.import', $token) }}">@csrf<button class="btn btn-rust">Add {{ count($sheet->new) }} {{ Str::plural('rep', count($sheet->new)) }}</button> <a class="btn btn-plain" href="{{ route('reps.file') }}">Leave it</a></form>@endif
            @endif
        </section>
    @endif
</x-layout>
