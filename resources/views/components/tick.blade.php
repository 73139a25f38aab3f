@props(['name', 'value' => '1', 'type' => 'checkbox', 'checked' => false])
<label class="tick"><input type="{{ $type }}" class="form-check-input" name="{{ $name }}" value="{{ $value }}"
    @checked($checked)> {{ $slot }}</label>
