@props(['name', 'type', 'legend', 'options', 'chosen'])
<fieldset class="chips"><legend>{{ $legend }}</legend>
@foreach ($options as $value => $text)
    <label><input type="{{ $type }}" name="{{ $name }}"
        value="{{ $value }}" @checked(in_array((string) $value, $chosen, true))> {{ $text }}</label>
@endforeach
</fieldset>
