<x-layout :title="__('tablets.pair')">
<div class="sign-in">
    <h1>{{ __('tablets.pair') }}</h1>
    <p class="lead-line">{{ __('tablets.pair-lead') }}</p>
    <form method="post" action="{{ route('tablet') }}" class="slab mt-3">
        @csrf
        <x-code-field :label="__('tablets.code')"/>
        <x-button kind="rust">{{ __('tablets.pair-it') }}</x-button>
    </form>
    <p class="mt-3"><a href="{{ route('sign-in') }}">{{ __('session.sign-in') }}</a></p>
</div>
</x-layout>
