<p class="beat-line"><strong>{{ $beat->name() }}</strong>
@if ($beat->condition() !== '')<em>{{ $beat->condition() }}:</em>@endif
@if (! $beat->isStart())<span class="beats-words">{{ $beat->text }}</span> <span class="narrow">· {{ __('words.seconds',
    ['seconds' => $beat->seconds()]) }}</span>@endif</p>
<p class="beat-facts">{{ implode(' ', $beat->facts()) }}</p>
@if ($beat->steps() !== [])
<p class="beat-facts">{{ implode(' · ', $beat->steps()) }}
    @if ($beat->written !== null)
        <x-button size="sm" type="button" :data-mended="$beat->written" x-on:click="mend">{{ __('floor.write-step') }}</x-button>
    @endif
</p>
@endif
@if ($beat->strikes() !== [])<p class="beat-facts"><strong>{{ implode(' · ', $beat->strikes()) }}</strong></p>@endif
@foreach ($beat->shortfalls() as $shortfall)
<p @class(['beat-facts robust', 'is-open' => $shortfall['isOpen']])>{{ $shortfall['text'] }}</p>
@endforeach
@foreach ($beat->findings as $row)
<x-finding :finding="$row['finding']" :beat="false">
    @if ($row['remedy'])
        <x-button size="sm" type="button" :data-mended="$row['text']" x-on:click="mend">{{ say($row['remedy']->words) }}</x-button>
    @endif
</x-finding>
@endforeach
