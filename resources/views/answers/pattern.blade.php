<details class="slab mt-3" @if ($form->hasOwnPattern()) open @endif>
<summary><strong>{{ __('answers.what-else') }}</strong></summary>
<p class="form-text">{{ __('answers.what-else-help') }}</p>
@foreach ($form->kinds() as $kind)<input type="hidden" name="pattern_kind[]" value="{{ $kind }}">@endforeach
@foreach ($form->pattern as $row)
    <div class="pattern-row">
        <span id="pattern-{{ $row['facet'] }}">{{ __('attack.facets.'.$row['facet']) }}</span>
        <x-select small :name="'pattern_mode['.$row['facet'].']'" :options="$row['modes']" :value="$row['mode']"
            :aria-labelledby="'pattern-'.$row['facet']"/>
        <div class="checks" role="group" aria-labelledby="pattern-{{ $row['facet'] }}">
            @foreach ($row['values'] as $value)
                <label><input type="checkbox" name="pattern[{{ $row['facet'] }}][]" value="{{ $value['id'] }}"
                    @checked($value['on'])> {{ $value['text'] }}</label>
            @endforeach
        </div>
    </div>
    @error('pattern.'.$row['facet'])<div class="invalid-feedback d-block">{{ $message }}</div>@enderror
@endforeach
</details>
