{{-- A yes or no. Where it is not ticked, the form says so. --}}
@props(['name', 'label', 'checked' => false])
<div {{ $attributes->class('form-check') }}>
<input type="hidden" name="{{ $name }}" value="0">
<input class="form-check-input" type="checkbox" id="{{ $name }}" name="{{ $name }}" value="1" @checked($checked)>
<label class="form-check-label" for="{{ $name }}">{{ $label }}</label>
</div>
