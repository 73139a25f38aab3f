<select class="form-select form-select-sm" name="words[{{ $at }}][word]"
    aria-label="{{ __('settings.words.word-of', ['number' => $number]) }}">
<option value="">–</option>
@foreach ($wordChoices as $group => $choices)
    <optgroup label="{{ $group }}">
    @foreach ($choices as $choice => $text)<option value="{{ $choice }}" @selected($choice === $value)>{{ $text }}</option>@endforeach
    </optgroup>
@endforeach
</select>
