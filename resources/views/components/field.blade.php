@props(['name', 'label', 'hint' => null, 'id' => null])
@php($key = str_replace(['[', ']'], ['.', ''], $name))
<div {{ $attributes }}>
<label class="form-label" for="{{ $id ?? $key }}">{{ $label }}</label>
{{ $slot }}
@if ($hint)<div class="form-text" id="{{ $id ?? $key }}-hint">{{ $hint }}</div>@endif
@error($key)<div class="invalid-feedback d-block" id="{{ $id ?? $key }}-error">{{ $message }}</div>@enderror
</div>
