@props(['title', 'why', 'edit', 'destroy', 'may'])
<x-layout :title="$title">
<x-heading :title="$title"/>
<p class="flash flash-error" role="alert"><strong>{{ __('words.unreadable') }}</strong> {{ __('words.left-out') }} {{ $why }}</p>
@if ($may)
    <div class="search-row">
        <x-button kind="rust" :href="$edit">{{ __('words.edit') }}</x-button>
        <x-delete :action="$destroy" :question="__('words.delete-question', ['name' => $title])" :size="false"/>
    </div>
@endif
{{ $slot }}
</x-layout>
