<x-layout :title="__('answers.write')">
<h1>{{ __('answers.to', ['attack' => $attack->title]) }}</h1>
@if ($form->ranks->isEmpty())
    <x-no-ranks/>
@else
    <form method="post" action="{{ route('attacks.answers.store', $attack) }}">
        @csrf
        @include('answers.form')
        <x-button kind="rust" class="mt-3">{{ __('words.save') }}</x-button>
        <x-button class="mt-3" :href="route('attacks.show', $attack)">{{ __('words.cancel') }}</x-button>
    </form>
@endif
</x-layout>
