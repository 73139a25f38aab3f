<dl class="facts mb-3">
@foreach (['pads', 'stop-short', 'not-taught'] as $level)
    <dt>{{ __('beginning.contact.columns.'.$level) }}</dt><dd>{{ __('beginning.contact.means.'.$level) }}</dd>
@endforeach
</dl>
@foreach ($table->ages as $age)
<h2>{{ $age === $table::EVERYBODY ? __('beginning.contact.everybody') : __('beginning.contact.under', ['age' => $age]) }}</h2>
<div class="table-wide">
<x-table :head="array_values(texts('beginning.contact.columns'))">
    @foreach ($table->hazards() as $hazard)
        <tr>
            <th scope="row">{{ ucfirst(say($hazard->text())) }}</th>
            @foreach (array_reverse($table::LEVELS) as $level)
                <td><x-select small :name="'policy['.$hazard->value.']['.$age.']['.$level->value.']'"
                    :id="'policy-'.$hazard->value.'-'.$age.'-'.$level->value" :options="$table->options()"
                    :value="$table->limit($hazard, $age, $level)"
                    :aria-label="say($hazard->text()).': '.__('beginning.contact.columns.'.$level->value)"/></td>
            @endforeach
            <td class="form-text">{{ $table->inWords($hazard, $age) }}</td>
        </tr>
    @endforeach
</x-table>
</div>
@endforeach
