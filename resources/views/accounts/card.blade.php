<x-layout :title="__('accounts.card.title', ['name' => $name])">
<h1 class="no-print">{{ __('accounts.card.title', ['name' => $name]) }}</h1>
@if ($hasFailed)<div class="flash flash-error no-print" role="alert">{{ __('accounts.card.mail-failed') }}</div>@endif
<p class="lead-line no-print">{{ __('accounts.card.lead') }}</p>
<section class="slab invitation-card">
    <p><strong>{{ $school->name }}</strong></p>
    <p>{{ __('accounts.card.text', ['name' => $name, 'role' => $role->title()]) }}</p>
    <p>{{ __('accounts.card.open') }} <strong>{{ route('join.create') }}</strong></p>
    <p>{{ __('accounts.card.code') }} <strong class="code">{{ $code }}</strong></p>
    <p class="form-text mb-0">{{ __('accounts.card.days', ['days' => App\Models\Invitation::DAYS]) }}</p>
</section>
<p class="no-print mt-3"><x-button :href="route('accounts.index')">{{ __('words.back') }}</x-button></p>
</x-layout>
