<x-layout :title="__('evidence.title')">
<x-heading :title="__('evidence.title')">
    <x-button size="sm" :href="route('evidence.csv')" download>{{ __('evidence.csv') }}</x-button>
    <x-button size="sm" :href="route('answers.index')">{{ __('answers.answers') }}</x-button>
</x-heading>
<p class="lead-line">{{ __('evidence.lead') }}</p>
@include('evidence.old')
<x-contents :parts="$parts"/>
@if ($rows->isEmpty())
    <x-empty :text="__('evidence.none-at-all')"/>
@else
<section aria-labelledby="disagree"><h2 id="disagree">{{ __('evidence.disagree') }}</h2>
    <x-table class="w-auto" :head="array_values(texts('evidence.corners-columns'))">
        @foreach ($rows->report->model->corners as $corner => $count)
            <tr><th scope="row">{{ __('evidence.corners.'.$corner) }}</th><td>{{ $count }}</td></tr>
        @endforeach
    </x-table>
    @php ($disagree = $rows->disagree())
    @if ($disagree === [])<p>{{ __('evidence.disagree-none') }}</p>@endif
    <ul class="finding-lines">
        @foreach ($disagree as $row)
            <li><a href="{{ $row['url'] }}">{{ $row['answer'] }}</a>, {{ $row['where'] }}: {{ $row['says'] }}</li>
        @endforeach
    </ul>
</section>
<div class="columns-2">
    <section aria-labelledby="half-life"><h2 id="half-life">{{ __('evidence.half-life.heading') }}</h2>
        <p>{{ $rows->halfLife() }}</p>
        @include('evidence.take', ['take' => $rows->takenHalfLife()])</section>
    <section aria-labelledby="reaction"><h2 id="reaction">{{ __('evidence.reaction.heading') }}</h2><p>{{ $rows->reaction() }}</p>
        @include('evidence.take', ['take' => $rows->takenReaction()])</section>
</div>
@endif
@include('evidence.weeks')
@include('evidence.people')
@unless ($rows->isEmpty())
<h2 id="answers">{{ __('evidence.heading') }}</h2>
@include('evidence.records')
@endunless
</x-layout>
