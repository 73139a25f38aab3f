<x-layout :title="__('classes.add')">
<h1>{{ __('classes.add') }}</h1>
@if ($ranks->isEmpty())
    <x-no-ranks/>
@else
    <form method="post" action="{{ route('classes.store') }}" class="slab">
        @csrf
        @include('classes.fields')
        <x-button kind="rust" class="mt-3">{{ __('classes.add') }}</x-button>
        <x-button class="mt-3" :href="route('classes.index')">{{ __('words.cancel') }}</x-button>
    </form>
@endif
</x-layout>
