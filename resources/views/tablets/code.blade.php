<x-layout :title="__('tablets.code-of', ['name' => $tablet->name])">
<h1>{{ __('tablets.code-of', ['name' => $tablet->name]) }}</h1>
<section class="slab invitation-card">
    <p>{{ __('tablets.open') }} <strong>{{ route('tablet') }}</strong></p>
    <p>{{ __('tablets.type') }} <strong class="code">{{ $code }}</strong></p>
    <p class="form-text mb-0">{{ __('tablets.minutes', ['minutes' => App\Models\Tablet::MINUTES]) }}</p>
</section>
<p class="mt-3"><x-button :href="route('tablets.index')">{{ __('words.back') }}</x-button></p>
</x-layout>
