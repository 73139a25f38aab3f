<x-layout :title="__('students.add')">
<h1>{{ __('students.add') }}</h1>
@if ($ranks->isEmpty())
    <x-no-ranks/>
@else
    <form method="post" action="{{ route('students.store') }}">
        @csrf
        @include('students.form')
        <x-button kind="rust" class="mt-3">{{ __('words.save') }}</x-button>
        <x-button class="mt-3" :href="route('students.index')">{{ __('words.cancel') }}</x-button>
    </form>
@endif
</x-layout>
