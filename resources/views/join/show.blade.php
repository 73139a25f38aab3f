<x-layout :title="__('join.title')">
<div class="sign-in">
    <h1>{{ __('join.to', ['school' => $invitation->school->name]) }}</h1>
    <p class="lead-line">{{ __('join.as', ['role' => $invitation->role->title()]) }}</p>
    <x-invalid/>
    <form method="post" action="{{ route('join.show', $code) }}" class="slab mt-3">
        @csrf
        <x-field name="name" class="mb-3" :label="__('join.name')">
            <x-input name="name" :value="old('name', $invitation->name)" required maxlength="200" autocomplete="name"/>
        </x-field>
        @if ($invitation->email === null)
            <x-field name="email" class="mb-3" :label="__('session.email')">
                <x-input name="email" type="email" :value="old('email')" required maxlength="200" autocomplete="username"/>
            </x-field>
        @else
            <p>{{ __('join.sign-in-with', ['email' => $invitation->email]) }}</p>
        @endif
        <x-field name="password" class="mb-3" :label="__('session.password')" :hint="__('session.new-password-hint', ['min' =>
            App\Models\User::MIN_PASSWORD])">
            <x-input name="password" type="password" required maxlength="200" autocomplete="new-password" aria-describedby="password-hint"/>
        </x-field>
        <x-button kind="rust">{{ __('join.make') }}</x-button>
    </form>
</div>
</x-layout>
