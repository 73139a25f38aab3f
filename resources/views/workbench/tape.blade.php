<x-paper :title="__('floor.tape.title', ['answer' => $tape->answer->title])">
<p>{{ __('floor.tape.lead', ['for' => $tape->for, 'attack' => $tape->attack, 'side' => $tape->side, 'scale' => $tape->scale()]) }}</p>
<p><img alt="" width="{{ $tape->dots }}"
    src="data:image/svg+xml;base64,{{ base64_encode(view('workbench.tape-drawing', ['tape' => $tape])) }}"></p>
<table>
    <tr>@foreach (texts('floor.tape.columns') as $column)<th>{{ $column }}</th>@endforeach</tr>
    @foreach ($tape->rows as $row)<tr><td>{{ $row['beat'] }}</td><td>{{ $row['foot'] }}</td>
        <td>{{ __('floor.tape.cm', ['cm' => $row['cm']]) }}</td>
        <td>{{ $row['bearing'] }}°</td></tr>@endforeach
</table>
</x-paper>
