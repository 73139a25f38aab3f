<x-layout :title="__('log.title')">
<x-heading :title="__('log.title')">
    <x-button size="sm" :href="route('log.csv')" download>{{ __('log.export') }}</x-button>
</x-heading>
<p class="lead-line">{{ __('log.lead') }}</p>
@if ($rows === [])
    <x-empty :title="__('log.none')"/>
@else
<div class="table-wide">
<x-table :head="array_values(texts('log.columns'))">
    @foreach ($rows as $row)
        <tr>
            <td class="text-nowrap">{{ $row->at }}</td>
            <td>{{ $row->who }}</td>
            <th scope="row">{{ $row->what }}</th>
            <td>@foreach ($row->changes as $change)
                <div><strong>{{ $change['column'] }}</strong> @if ($change['before'] !== '')<del>{{ $change['before'] }}</del> → @endif{{
                    $change['after'] }}</div>
            @endforeach</td>
            <td>{{ $row->from }}</td>
        </tr>
    @endforeach
</x-table>
</div>
<x-paging :pages="$pages"/>
@endif
</x-layout>
