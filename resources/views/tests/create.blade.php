<x-layout :title="__('tests.add')">
<h1>{{ __('tests.add') }}</h1>
@if ($ranks->isEmpty())
    <x-no-ranks/>
@else
    <p class="lead-line"><x-test-rule :school="auth()->user()->school"/></p>
    <form method="post" action="{{ route('tests.store') }}" class="slab">
        @csrf
        @include('tests.fields')
        <x-button kind="rust" class="mt-3">{{ __('tests.add') }}</x-button>
        <x-button class="mt-3" :href="route('tests.index')">{{ __('words.cancel') }}</x-button>
    </form>
@endif
</x-layout>
