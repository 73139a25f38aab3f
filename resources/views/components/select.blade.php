{{-- A choice of one: options are texts by value. What is chosen may come from a form that was refused. --}}
@props(['options', 'value' => null, 'name', 'id' => null, 'small' => false])
<select {{ $attributes->class(['form-select', 'form-select-sm' => $small, 'is-invalid' => $errors->has($name)]) }} id="{{ $id ?? $name }}"
    name="{{ $name }}">
@foreach ($options as $option => $text)
    <option value="{{ $option }}" @selected(is_scalar($value) && (string) $option === (string) $value)>{{ $text }}</option>
@endforeach
{{ $slot }}
</select>
