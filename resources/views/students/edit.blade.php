<x-layout :title="__('words.edit-name', ['name' => $student->name])">
<h1>{{ __('words.edit-name', ['name' => $student->name]) }}</h1>
<form method="post" action="{{ route('students.update', $student) }}">
    @csrf
    @method('put')
    @include('students.form')
    <x-button kind="rust" class="mt-3">{{ __('words.save') }}</x-button>
    <x-button class="mt-3" :href="route('students.show', $student)">{{ __('words.cancel') }}</x-button>
</form>
</x-layout>
