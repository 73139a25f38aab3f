<details>
<summary>{{ __('accounts.change') }}</summary>
@if ($account->role !== App\Models\Role::Student)
<form method="post" action="{{ route('accounts.update', $account) }}" class="search-row">
    @csrf
    @method('put')
    <x-field name="role" :id="'role-'.$account->id" :label="__('accounts.role')">
        <x-select small name="role" :id="'role-'.$account->id" :options="$list->rolesBesideStudent()" :value="$account->role->value"/>
    </x-field>
    <x-field name="children" :id="'children-'.$account->id" :label="__('accounts.children')">
        <select class="form-select form-select-sm" id="children-{{ $account->id }}" name="children[]" multiple size="3">
            @foreach ($list->students as $id => $student)
                <option value="{{ $id }}" @selected($account->children->contains('id', $id))>{{ $student }}</option>
            @endforeach
        </select>
    </x-field>
    <x-button size="sm">{{ __('words.save') }}</x-button>
</form>
@endif
<x-delete :action="route('accounts.destroy', $account)" :text="__('accounts.close-it')"
    :label="__('accounts.close', ['name' => $account->name])"
    :question="__('accounts.close-question', ['name' => $account->name])"/>
</details>
