@props(['name', 'value' => null, 'id' => null, 'small' => false])
<input id="{{ $id ?? $name }}" name="{{ $name }}" value="{{ is_scalar($value) ? $value : '' }}"
    {{ $attributes->class(['form-control', 'form-control-sm' => $small, 'is-invalid' => $errors->has($name)]) }}>
