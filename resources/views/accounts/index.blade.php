<x-layout :title="__('accounts.title')">
<x-heading :title="__('accounts.title')">
    <x-button size="sm" :href="route('log')">{{ __('log.title') }}</x-button>
    <x-button size="sm" :href="route('tablets.index')">{{ __('tablets.title') }}</x-button>
    <x-button size="sm" :href="route('tokens.index')">{{ __('tokens.title') }}</x-button>
    <x-button size="sm" :href="route('outbox')">{{ __('outbox.title') }}</x-button>
</x-heading>
<p class="lead-line">{{ __('accounts.lead') }}</p>
<x-invalid/>
<div class="table-wide">
<x-table :head="array_values(texts('accounts.columns'))">
    @foreach ($list->open as $account)
        <tr>
            <th scope="row">{{ $account->name }}<div class="form-text">{{ $account->email }}</div></th>
            <td>{{ $account->role->title() }}<div class="form-text">{{ $list->whoseText($account) }}</div></td>
            <td>{{ __($account->totp_since ? 'accounts.has-factor' : 'accounts.no-factor') }}</td>
            <td>{{ $list->lastText($account) }}</td>
            <td><x-button size="sm" :href="route('accounts.edit', $account)"
                :aria-label="__('accounts.change-of', ['name' => $account->name])">{{ __('accounts.change') }}</x-button></td>
        </tr>
    @endforeach
</x-table>
</div>
@if ($list->invitations->isNotEmpty())
<h2>{{ __('accounts.invitations') }}</h2>
<x-table :head="array_values(texts('accounts.invitation-columns'))">
    @foreach ($list->invitations as $invitation)
        <tr>
            <th scope="row">{{ $invitation->name }}<div class="form-text">{{ $invitation->email ?? __('accounts.by-card') }}</div></th>
            <td>{{ $invitation->role->title() }}</td>
            <td>{{ $list->untilText($invitation) }}</td>
            <td><x-delete :action="route('invitations.destroy', $invitation)" :text="__('accounts.withdraw-it')"
                :label="__('accounts.withdraw', ['name' => $invitation->name])"
                :question="__('accounts.withdraw-question', ['name' => $invitation->name])"/></td>
        </tr>
    @endforeach
</x-table>
@endif
<h2 id="invite">{{ __('accounts.invite') }}</h2>
<p class="lead-line">{{ __('accounts.invite-lead', ['days' => App\Models\Invitation::DAYS]) }}</p>
<form method="post" action="{{ route('invitations.store') }}" class="slab">
    @csrf
    <div class="facet-grid">
        <x-field name="name" :label="__('accounts.name')"><x-input name="name" :value="old('name')" required maxlength="200"/></x-field>
        <x-field name="email" :label="__('accounts.email')" :hint="__('accounts.email-hint')">
            <x-input name="email" type="email" :value="old('email')" maxlength="200" aria-describedby="email-hint"/>
        </x-field>
        <x-field name="role" :label="__('accounts.role')">
            <x-select name="role" :options="$list->roles" :value="old('role', 'instructor')"/>
        </x-field>
        <x-field name="student" :label="__('accounts.student')" :hint="__('accounts.student-hint')">
            <x-select name="student" :options="['' => '–'] + $list->withoutAccount" :value="old('student')"
                aria-describedby="student-hint"/>
        </x-field>
    </div>
    @include('accounts.children', ['students' => $list->students, 'chosen' => ticked('children')])
    <x-button kind="rust" class="mt-2">{{ __('accounts.invite') }}</x-button>
</form>
<h2>{{ __('accounts.factor-title') }}</h2>
<form method="post" action="{{ route('accounts.factor') }}" class="slab">
    @csrf
    @method('put')
    <x-check name="heads_need_totp" :label="__('accounts.factor-needed')" :checked="$user->school->heads_need_totp"/>
    <x-button size="sm" class="mt-2">{{ __('words.save') }}</x-button>
</form>
@if ($list->closed->isNotEmpty())
<h2>{{ __('accounts.closed-title') }}</h2>
<x-table :head="array_values(texts('accounts.closed-columns'))">
    @foreach ($list->closed as $account)
        <tr>
            <th scope="row">{{ $account->name }}<div class="form-text">{{ $account->email }}</div></th>
            <td>{{ $account->role->title() }}</td>
            <td><form method="post" action="{{ route('accounts.restore', $account) }}">@csrf<x-button
                size="sm">{{ __('accounts.restore') }}</x-button></form></td>
        </tr>
    @endforeach
</x-table>
@endif
</x-layout>
