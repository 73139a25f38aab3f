<x-layout :title="__('moves.placement.title')">
<h1>{{ __('moves.placement.heading', ['answer' => $answer->title]) }}</h1>
<p class="lead-line">{{ __('moves.placement.lead', ['rank' => $answer->rank->name]) }}</p>
<form method="get" action="{{ route('answers.placement.show', $answer) }}" class="search-row">
    <x-field name="to" :label="__('moves.placement.to')"><x-select name="to" :options="$rankOptions" :value="$to->code"/></x-field>
    <x-button kind="primary">{{ __('words.preview') }}</x-button>
</form>
@if ($preview)
    @if ($losesShort)<p class="flash flash-error">{{ __('moves.placement.loses-short') }}</p>@endif
    <form method="post" action="{{ route('answers.placement.update', $answer) }}" class="my-3">
        @csrf
        @method('put')
        <x-hidden :values="['to' => $to->code, 'version' => $answer->version]"/>
        <x-button kind="rust">{{ __('moves.placement.save', ['rank' => $to->name]) }}</x-button>
        <x-button :href="route('wall')">{{ __('words.cancel') }}</x-button>
    </form>
    <h2>{{ __('moves.placement.wall') }}</h2>
    <div class="legend">
        @forelse ($picture->changeCounts(onlyThose: true) as $change)<span><strong
            class="sign">{{ $change['sign'] }}</strong> {{ $change['text'] }}</span>
        @empty<span>{{ __('moves.placement.no-change') }}</span>@endforelse
    </div>
    <div class="scroll-x wall-preview">@include('wall.picture')</div>
    @include('wall.preview')
@else
    <p>{{ __('moves.placement.choose') }}</p>
@endif
</x-layout>
