<x-layout :title="__('join.title')">
<div class="sign-in">
    <h1>{{ __('join.title') }}</h1>
    <p class="lead-line">{{ __('join.lead') }}</p>
    <form method="post" action="{{ route('join.create') }}" class="slab mt-3">
        @csrf
        <x-code-field :label="__('join.code')"/>
        <x-button kind="rust">{{ __('join.go-on') }}</x-button>
    </form>
</div>
</x-layout>
