<fieldset class="clip-beats" data-marks>
<legend class="form-label fs-6">{{ __('footage.mark.heading') }}</legend>
<p class="form-text">{{ __('footage.mark.help') }}</p>
@can('update', $page->footage)
<p>
    <x-button kind="primary" size="sm" type="button" data-key="i" x-on:click="mark">{{ __('footage.mark.next') }}</x-button>
    <x-button size="sm" type="button" x-on:click="unmark">{{ __('footage.mark.undo') }}</x-button>
</p>
@endcan
<div class="table-wide"><x-table :head="array_values(texts('footage.mark.columns'))">
    @foreach ($page->beats() as $place => $beat)
        <tr>
            <th scope="row">{{ $beat['name'] }} <small>{{ $beat['text'] }}</small></th>
            <td><x-input name="beats_at[]" :id="'beat-at-'.$place" small type="number" step="0.001" min="0" :value="$beat['at']"
                x-on:input="tell" :readonly="! auth()->user()->can('update', $page->footage)"
                :aria-label="__('footage.mark.label', ['beat' => $beat['name']])"/></td>
            <td>{{ $beat['took'] }}</td>
            <td>{{ $beat['model'] }}</td>
        </tr>
    @endforeach
</x-table></div>
@error('beats_at*')<div class="invalid-feedback d-block">{{ $message }}</div>@enderror
</fieldset>
