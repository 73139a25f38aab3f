<x-beginning :step="App\Models\SetupStep::School" :lead="__('beginning.school.lead')">
<form method="post" action="{{ $action }}" class="slab">
    @csrf
    @include('beginning.fields')
    <h2>{{ __('beginning.school.account') }}</h2>
    <p class="form-text">{{ __('beginning.school.account-help') }}</p>
    <div class="facet-grid">
        <x-field name="person" :label="__('beginning.school.person')">
            <x-input name="person" :value="old('person')" required maxlength="200" autocomplete="name"/>
        </x-field>
        <x-field name="email" :label="__('session.email')">
            <x-input name="email" type="email" :value="old('email')" required maxlength="200" autocomplete="username"/>
        </x-field>
        <x-field name="password" :label="__('session.password')" :hint="__('session.new-password-hint', ['min' =>
            App\Models\User::MIN_PASSWORD])">
            <x-input name="password" type="password" required maxlength="200" autocomplete="new-password" aria-describedby="password-hint"/>
        </x-field>
    </div>
    <p class="step-buttons"><x-button kind="rust">{{ __('beginning.next') }}</x-button></p>
</form>
<p class="mt-3">{{ __('beginning.have-account') }} <a href="{{ route('sign-in') }}">{{ __('session.sign-in') }}</a></p>
</x-beginning>
