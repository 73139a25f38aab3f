{{-- Whom a guardian looks after, to tick. --}}
@php($chosen = array_map(intval(...), $chosen))
<details class="mt-3" @if ($chosen !== [] || $errors->has('children*')) open @endif>
    <summary>{{ __('accounts.children', ['count' => count($chosen)]) }}</summary>
    <x-pick-people name="children" of="children" :students="$students" :chosen="$chosen"/>
    @error('children*')<div class="invalid-feedback d-block">{{ $message }}</div>@enderror
</details>
