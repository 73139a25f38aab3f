<x-layout :title="__('tests.edit')">
<h1>{{ __('tests.edit') }}</h1>
<x-overtaken :row="$test"/>
<form method="post" action="{{ route('tests.update', $test) }}" class="slab">
    @csrf
    @method('put')
    <x-hidden :values="['version' => $test->version]"/>
    @include('tests.fields')
    <x-button kind="rust" class="mt-3">{{ __('words.save') }}</x-button>
    <x-button class="mt-3" :href="route('tests.show', $test)">{{ __('words.cancel') }}</x-button>
</form>
<div class="mt-3"><x-delete :action="route('tests.destroy', $test)" :text="__('tests.call-off')"
    :question="__('tests.call-off-question')"/></div>
</x-layout>
