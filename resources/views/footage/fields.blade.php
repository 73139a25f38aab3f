{{-- What is said of a picture or a clip: when it is sent, and later. --}}
@if (count($list->mistakes()) > 1)
    <x-field name="mistake" class="mt-3" :label="__('footage.mistake')">
        <x-select name="mistake" :options="$list->mistakes()" :value="old('mistake', $mistake)"/></x-field>
@endif
<x-field name="caption" class="mt-3" :label="__('footage.caption')">
    <x-input name="caption" :value="old('caption', $caption)" maxlength="300"/></x-field>
<details class="mt-3" @if ($shows !== [] || $errors->has('shows*')) open @endif>
    <summary>{{ __('footage.shows') }}</summary>
    <p class="form-text">{{ __('footage.shows-help') }}</p>
    @php($people = $list->people())
    <x-find-name of="shown-people" :count="count($people)"/>
    <div class="checks" id="shown-people">
        @foreach ($people as $id => $name)
            <label><input type="checkbox" name="shows[]" value="{{ $id }}" @checked(in_array($id, $shows, true))> {{ $name }}</label>
        @endforeach
    </div>
    @error('shows*')<div class="invalid-feedback d-block">{{ $message }}</div>@enderror
</details>
