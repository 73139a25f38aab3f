<x-figure :label="__('floor.as-table')">
<x-table class="mt-2" :head="array_values(texts('floor.columns'))">
@foreach ($bench->beats as $beat)
    <tr>
        <th scope="row">{{ $beat->frame->number }}</th>
        <td>@if ($beat->condition() !== '')<em>{{ $beat->condition() }}:</em> @endif{{ $beat->text }}</td>
        <td>{{ __('words.seconds', ['seconds' => $beat->seconds()]) }}</td>
        <td>{{ __('words.metres', ['metres' => $beat->distance()]) }}</td>
        <td>{{ $beat->sector() }}</td>
        <td>{{ implode('; ', $beat->strikes()) }}</td>
        <td>{{ $beat->threats() }}</td>
        <td>{{ $beat->findingTexts() }}</td>
    </tr>
@endforeach
</x-table>
</x-figure>
