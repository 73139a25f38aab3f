<x-layout :title="__('moves.title')">
<h1>{{ __('moves.headings.'.$move->kind->value, ['answer' => $answer->title]) }}</h1>
<p class="lead-line">{{ $hole->reason }}</p>
<p>{{ __('moves.does.'.$move->kind->value, ['facet' => $move->facet, 'value' => $value, 'rank' => $rankName]) }}</p>
@if ($beats)<pre class="beats mb-2">{{ $beats }}</pre>@endif
@foreach ($move->findings as $finding)<x-finding :finding="$finding"/>@endforeach
<form method="post" action="{{ route('answers.moves.store', $answer) }}" class="my-3">
    @csrf
    <x-hidden :values="[
        'kind' => $hole->kind->value, 'attack' => $hole->attack, 'side' => $hole->side->value,
        'move' => $move->kind->value, 'version' => $answer->version,
    ]"/>
    <x-button kind="rust">{{ __('words.save') }}</x-button>
    <x-button :href="route('wall')">{{ __('words.cancel') }}</x-button>
</form>
@include('wall.preview')
</x-layout>
