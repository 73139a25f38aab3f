<x-layout :title="__('classes.edit')">
<h1>{{ __('classes.edit') }}</h1>
<x-overtaken :row="$class"/>
<form method="post" action="{{ route('classes.update', $class) }}" class="slab">
    @csrf
    @method('put')
    <x-hidden :values="['version' => $class->version]"/>
    @include('classes.fields')
    <x-button kind="rust" class="mt-3">{{ __('words.save') }}</x-button>
    <x-button class="mt-3" :href="route('classes.show', $class)">{{ __('words.cancel') }}</x-button>
</form>
<div class="mt-3"><x-delete :action="route('classes.destroy', $class)" :text="__('classes.call-off')"
    :question="__('classes.call-off-question')"/></div>
</x-layout>
