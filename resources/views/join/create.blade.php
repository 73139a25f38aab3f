<x-layout :title="__('join.title')">
<div class="sign-in">
    <h1>{{ __('join.title') }}</h1>
    <p class="lead-line">{{ __('join.lead') }}</p>
    <form method="post" action="{{ route('join.create') }}" class="slab mt-3">
        @csrf
        <x-field name="code" class="mb-3" :label="__('join.code')">
            <x-input name="code" :value="old('code')" required autofocus maxlength="40" autocomplete="off" autocapitalize="characters"
                spellcheck="false"/>
        </x-field>
        <x-button kind="rust">{{ __('join.go-on') }}</x-button>
    </form>
</div>
</x-layout>
