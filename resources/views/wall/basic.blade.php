<x-layout :title="ucfirst($basic->verb->value)">
<x-heading :title="ucfirst($basic->verb->value)">
    <x-slot:beside><span class="tag">{{ __('load.kinds.'.$basic->kind->value) }}</span></x-slot>
    <x-button size="sm" :href="route('load')">{{ __('load.all-basics') }}</x-button>
</x-heading>
<p class="lead-line">{{ trans_choice('load.basic-lead', count($basic->uses), ['rank' => $rankNames[$basic->rank]]) }}</p>
<div class="columns-2">
    <section aria-labelledby="used"><h2 id="used">{{ __('load.where-used') }}</h2>
        @foreach ($basic->uses as [$answer, $beats])
            <h3><a href="{{ route('answers.show', $rows[$answer->id]) }}">{{ $answer->title }}</a>
                <span class="narrow">{{ trans_choice('load.at-beats', count($beats), ['rank' => $rankNames[$answer->teaching->rank],
                    'beats' => implode(', ', $beats)]) }}</span></h3>
            <pre class="beats">{{ rtrim($basic->lines($answer, $beats, $vocabulary)) }}</pre>
        @endforeach
    </section>
    <section aria-labelledby="mistakes"><h2 id="mistakes">{{ __('load.mistakes') }}</h2>
        @if ($mistakes === [])
            <p>{{ __('load.no-mistakes') }}</p>
        @else
            <x-table :head="array_values(texts('load.mistake-columns'))">
                @foreach ($mistakes as $mistake)
                    <tr>
                        <td>{{ $mistake['mistake'] }}</td>
                        <td>{{ $mistake['seen'] === 0 ? __('words.never') : $mistake['seen'].' ×' }}</td>
                        <td>{{ $mistake['in'] === [] ? __('load.reps-only') : implode(', ', $mistake['in']) }}</td>
                    </tr>
                @endforeach
            </x-table>
        @endif
    </section>
</div>
</x-layout>
