<x-layout :title="__('accounts.change-of', ['name' => $account->name])">
<h1>{{ __('accounts.change-of', ['name' => $account->name]) }}</h1>
<p class="lead-line">{{ $account->email }} · {{ $account->role->title() }}</p>
<x-invalid/>
@if ($account->role === App\Models\Role::Student)
    <p>{{ __('accounts.of-student', ['student' => $account->student?->name ?? $account->name]) }}</p>
@else
<form method="post" action="{{ route('accounts.update', $account) }}" class="slab">
    @csrf
    @method('put')
    <div class="facet-grid">
        <x-field name="role" :label="__('accounts.role')">
            <x-select name="role" :options="$roles" :value="old('role', $account->role->value)"/>
        </x-field>
    </div>
    @include('accounts.children', ['chosen' => ticked('children', $account->children->modelKeys())])
    <x-button kind="rust" class="mt-3">{{ __('words.save') }}</x-button>
    <x-button class="mt-3" :href="route('accounts.index')">{{ __('words.cancel') }}</x-button>
</form>
@endif
<div class="mt-3"><x-delete :action="route('accounts.destroy', $account)" :text="__('accounts.close-it')"
    :label="__('accounts.close', ['name' => $account->name])"
    :question="__('accounts.close-question', ['name' => $account->name])"/></div>
</x-layout>
