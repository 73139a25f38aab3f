@unless ($done->isEmpty())
<h2>{{ __('classes.done.title') }}</h2>
<p class="lead-line">{{ __('classes.done.lead', ['meant' => $done->meant]) }}</p>
@if ($done->left() !== [])
    <p>{{ __($done->isOver() ? 'classes.done.left' : 'classes.done.left-yet', ['answers' => implode(', ', $done->left())]) }}</p>
@endif
<div class="table-wide">
<x-table :head="array_values(texts('classes.done.columns'))">
    @foreach ($done->rows() as $row)
        <tr><th scope="row">{{ $row['name'] }}</th><td>{{ $row['defended'] }}</td>
            <td>{{ $row['fewer'] }}</td><td>{{ $row['attacked'] }}</td></tr>
    @endforeach
</x-table>
</div>
@endunless
