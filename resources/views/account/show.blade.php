<x-layout :title="__('account.title')">
<h1>{{ __('account.title') }}</h1>
<p class="lead-line">{{ $user->name }} · {{ $user->role->title() }} · {{ $user->email }}</p>
<h2>{{ __('account.password') }}</h2>
<form method="post" action="{{ route('account.password') }}" class="slab">
    @csrf
    @method('put')
    <x-invalid-bag bag="password"/>
    <div class="facet-grid">
        <x-field name="current_password" :label="__('account.current-password')">
            <x-input name="current_password" type="password" required maxlength="200" autocomplete="current-password"/>
        </x-field>
        <x-field name="password" :label="__('session.new-password')" :hint="__('session.new-password-hint', ['min' =>
            App\Models\User::MIN_PASSWORD])">
            <x-input name="password" type="password" required maxlength="200" autocomplete="new-password" aria-describedby="password-hint"/>
        </x-field>
    </div>
    <p class="form-text">{{ __('account.password-help') }}</p>
    <x-button kind="rust">{{ __('account.change-password') }}</x-button>
</form>
<h2>{{ __('session.email') }}</h2>
<form method="post" action="{{ route('account.email') }}" class="slab">
    @csrf
    @method('put')
    <x-invalid-bag bag="email"/>
    <div class="facet-grid">
        <x-field name="email" :label="__('account.new-email')">
            <x-input name="email" type="email" :value="old('email')" required maxlength="200" autocomplete="email"/>
        </x-field>
        <x-field name="email_password" :label="__('account.current-password')">
            <x-input name="email_password" type="password" required maxlength="200" autocomplete="current-password"/>
        </x-field>
    </div>
    <p class="form-text">{{ __('account.email-help') }}</p>
    <x-button>{{ __('account.change-email') }}</x-button>
</form>
@include('account.second-factor')
@can('setPin', App\Models\User::class)
    @include('account.pin')
@endcan
<h2>{{ __('classes.calendar.title') }}</h2>
<p class="lead-line">{{ __('classes.calendar.lead') }}</p>
<div class="step-buttons">
    <form method="post" action="{{ route('account.calendar') }}">@csrf<x-button>{{ __($user->calendar === null ? 'classes.calendar.make' :
        'classes.calendar.renew') }}</x-button></form>
    @if ($user->calendar !== null)
        <form method="post" action="{{ route('account.calendar') }}">@csrf @method('delete')<x-button>{{ __('classes.calendar.end')
            }}</x-button></form>
    @endif
</div>
<h2>{{ __('account.sessions') }}</h2>
<p class="lead-line">{{ __('account.sessions-lead') }}</p>
<div class="table-wide">
<x-table :head="array_values(texts('account.session-columns'))">
    @foreach ($sessions as $session)
        <tr>
            <th scope="row">{{ $session['device'] ?: __('words.not-known') }}</th>
            <td>{{ $session['address'] }}</td>
            <td>{{ school_time($session['last']) }}</td>
            <td>@if ($session['isThis']){{ __('account.this-device') }}@else
                <form method="post" action="{{ route('account.sessions') }}">
                    @csrf
                    @method('delete')
                    <x-hidden :values="['session' => $session['id']]"/>
                    <x-button size="sm">{{ __('account.end-session') }}</x-button>
                </form>@endif</td>
        </tr>
    @endforeach
</x-table>
</div>
<form method="post" action="{{ route('account.sessions') }}">@csrf @method('delete')<x-button
    size="sm">{{ __('account.end-others') }}</x-button></form>
</x-layout>
