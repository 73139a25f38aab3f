<x-layout :title="$starter->title()">
<h1>{{ $starter->title() }}</h1>
<p class="lead-line">{{ $starter->text() }}</p>
<p>{{ trans_choice('beginning.starter.attacks', $attacks) }} · {{ trans_choice('beginning.starter.answers', $answers) }} ·
    {{ trans_choice('beginning.starter.solos', count($solos)) }}</p>
@if ($attacks + $answers + count($solos) === 0)
    <x-empty :title="__('beginning.starter.all-here')" :text="__('beginning.starter.all-here-help')"/>
    <x-button :href="route('school')">{{ __('words.back') }}</x-button>
@else
<form method="post" action="{{ route('starters.store', $starter) }}" class="slab">
    @csrf
    <x-invalid/>
    @if ($ranks === [])
        <p>{{ __('beginning.starter.brings-ranks') }}</p>
    @else
        <h2 class="mt-0">{{ __('beginning.starter.ranks') }}</h2>
        <p>{{ __('beginning.starter.ranks-help') }}</p>
        <div class="facet-grid">
        @foreach ($starterRanks as $rank)
            <x-field :name="'ranks['.$rank->id.']'" :id="'rank-'.$rank->id" :label="__('beginning.starter.rank-of', ['number' =>
                $loop->iteration, 'count' => count($starterRanks)])">
                <x-select :name="'ranks['.$rank->id.']'" :id="'rank-'.$rank->id" :options="$ranks" :value="old('ranks.'.$rank->id,
                    $proposal[$rank->id])"/>
            </x-field>
        @endforeach
        </div>
    @endif
    <p class="form-text mt-2">{{ __('beginning.starter.keeps') }}</p>
    <x-button kind="rust">{{ __('beginning.starter.use') }}</x-button>
    <x-button :href="$school->isBeginning() ? route('beginning.curriculum') : route('school').'#starters'">{{ __('words.back') }}</x-button>
</form>
<h2>{{ __('beginning.starter.holds') }}</h2>
<x-table :head="array_values(texts('beginning.starter.columns'))">
    @foreach ($attackRows as $row)
        <tr><th scope="row">{{ $row['title'] }}</th><td>{{ $row['answers'] }}</td><td>{{ $row['becomes'] }}</td></tr>
    @endforeach
</x-table>
@endif
</x-layout>
