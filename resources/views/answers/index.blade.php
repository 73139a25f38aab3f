<x-layout :title="__('answers.answers')">
<x-heading :title="__('answers.answers')"><x-button size="sm" :href="route('evidence')">{{ __('evidence.link') }}</x-button></x-heading>
<x-unreadable :rows="$unreadable"/>
@if ($total === 0)
    <x-empty :title="__('answers.none.title')" :text="$hasAttacks ? __('answers.none.open-attack') : __('answers.none.attacks-first')">
        <x-button kind="rust" :href="route('attacks.index')">{{ __('answers.none.attacks') }}</x-button>
        @if ($hasAttacks)<x-button :href="route('wall')">{{ __('answers.none.holes') }}</x-button>@endif
    </x-empty>
@else
    <form class="search-row" method="get" action="{{ route('answers.index') }}" role="search">
        <x-field name="find" class="wide" :label="__('answers.find')"><x-input name="find" type="search" data-key="/"
            :value="$find"/></x-field>
        <x-button kind="primary">{{ __('words.find') }}</x-button>
    </form>
    @if ($groups->isEmpty())
        <x-empty :text="__('answers.no-match')"><a href="{{ route('answers.index') }}">{{ __('words.show-all',
            ['count' => $total]) }}</a></x-empty>
    @endif
    @foreach ($groups as $rank => $answers)
        <h2>{{ __('answers.introduced-at-rank', ['rank' => $rank]) }}</h2>
        <x-table hides-head :head="array_values(texts('answers.columns'))">
            @foreach ($answers as $answer)
                <tr>
                    <td>{{ $answer->label }}</td>
                    <th scope="row"><a href="{{ route('answers.show', $answer) }}">{{ $answer->title }}</a></th>
                    <td><a href="{{ route('attacks.show', $answer->attack_id) }}">{{ $answer->attack->title }}</a></td>
                    <td>{{ __($answer->mirrored ? 'answers.both' : 'answers.one') }}</td>
                    <td>{{ trans_choice('words.beats', $answer->beatCount()) }}</td>
                </tr>
            @endforeach
        </x-table>
    @endforeach
@endif
</x-layout>
