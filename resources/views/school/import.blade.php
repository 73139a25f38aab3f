<x-layout title="Bring a file">
    <h1>{{ $name }}</h1>
    @if ($problems !== [])
        <div class="flash flash-wrong" role="alert"><strong>Nothing was brought in.</strong> {{ count($problems) }} {{ Str::plural('place', count($problems)) }} of this file cannot be read:</div>
        <table class="table table-sm"><thead><tr><th scope="col">Where</th><th scope="col">Found</th><th scope="col">Expected</th></tr></thead>
            <tbody>@foreach ($problems as $problem)<tr><th scope="row"><code>{{ $problem->pointer ?: 'the file' }}</code>{{ $problem->line ? ', line '.$problem->line : '' }}{{ $problem->column ? ', column '.$problem->column : '' }}</th><td>{{ $problem->found }}</td><td>{{ $problem->expected }}@if ($problem->nearest). Did you mean <strong>{{ $problem->nearest }}</strong>?@endif</td></tr>@endforeach</tbody></table>
        <a class="btn btn-rust" href="{{ route('school') }}#file">Choose again</a>
    @else
        <p class="lead-line">This is what the file would do. Nothing is removed; what has the same id takes the file’s values; reps that are here already stay as they are.</p>
        <table class="table table-sm w-auto"><thead><tr><th scope="col">Of</th><th scope="col">new</th><th scope="col">changed</th><th scope="col">the same</th></tr></thead>
            <tbody>@foreach ($sections as $section => $counts)<tr><th scope="row">{{ $section }}</th><td>{{ $counts['added'] }}</td><td>{{ $counts['changed'] }}</td><td>{{ $counts['same'] }}</td></tr>@endforeach</tbody></table>
        <form method="post" action="{{ route('import.store', $token) }}">@csrf<button class="btn btn-rust">Bring it in</button> <a class="btn btn-plain" href="{{ route('school') }}#file">Leave it</a></form>
    @endif
</x-layout>
