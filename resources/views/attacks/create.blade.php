<x-layout :title="__('attacks.add')">
<h1>{{ __('attacks.add') }}</h1>
@if ($form->ranks->isEmpty())
    <x-no-ranks/>
@else
    <p class="lead-line">{{ __('attacks.exactly') }}</p>
    <form method="post" action="{{ route('attacks.store') }}">
        @csrf
        @include('attacks.form')
        <x-button kind="rust" class="mt-3">{{ __('words.save') }}</x-button>
        <x-button class="mt-3" :href="route('attacks.index')">{{ __('words.cancel') }}</x-button>
    </form>
@endif
</x-layout>
