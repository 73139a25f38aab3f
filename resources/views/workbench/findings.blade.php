@if ($bench->examination->findings === [])
    <p class="mb-1">No check finds anything for these bodies.</p>
@else
    <p class="mb-1"><strong>{{ $bench->summary() }}</strong> for these bodies:</p>
    <ul class="finding-list">
        @foreach ($bench->examination->findings as $finding)
            <li class="finding finding-{{ $finding->severity->value }}"><button type="button" data-jump="{{ $finding->beat }}" x-on:click="jump">Beat {{ $finding->beat }}</button> <span class="finding-kind">{{ $finding->severity->value }}</span> {{ $finding->message }}</li>
        @endforeach
    </ul>
@endif
