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
    @include('wall.outlook')
</x-layout>
