@if ($lines === [])
<p>{{ __('attacks.proof.nobody') }}</p>
@else
<x-table :head="$hasSides ? array_values(texts('attacks.proof.columns')) : [__('attacks.proof.columns.who'),
    __('attacks.proof.columns.proof')]">
    @foreach ($lines as $row)
        <tr>
            <th scope="row"><a href="{{ route('students.show', $row['id']) }}">{{ $row['line']->student->name }}</a></th>
            @if ($hasSides)<td>{{ __('words.sides.'.$row['line']->side->value) }}</td>@endif
            <td><span class="proof-sign {{ $row['line']->state->value }}"
                aria-hidden="true">{{ $row['line']->state->sign() }}</span> {{ $row['line']->text() }}</td>
        </tr>
    @endforeach
</x-table>
@endif
<p class="form-text">{{ __($people < $all ? 'attacks.proof.untried-of-latest' : 'attacks.proof.untried', ['untried' => $untried,
    'people' => $people]) }}</p>
@if ($timed->rungs !== [])
<h3>{{ __('attacks.proof.timed') }}</h3>
<x-table :head="array_values(texts('attacks.proof.timed-columns'))">
    @foreach ($timed->rungs as $rung)
        <tr>
            <th scope="row">{{ $rung['rung'] }}</th>
            <td>{{ $rung['count'] }}</td>
            <td>{{ __('words.seconds', ['seconds' => $rung['middle']]) }}</td>
            <td>{{ __('attacks.proof.between', ['low' => $rung['low'], 'high' => $rung['high']]) }}</td>
            <td>{{ $rung['model'] === null ? __('attacks.proof.no-answer') : __('words.seconds', ['seconds' => $rung['model']]) }}</td>
        </tr>
    @endforeach
</x-table>
<p class="form-text">{{ __('attacks.proof.model') }}</p>
@endif
