<fieldset class="checks"><legend class="form-label">{{ __('lists.pick') }}</legend>
@foreach ($attack->sides() as $side)
    <label><input type="checkbox" name="cells[]" value="{{ $attack->id }} {{ $side->value }}" @checked($loop->first)> {{
        __('words.sides.'.$side->value) }}</label>
@endforeach
</fieldset>
