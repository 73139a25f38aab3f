<x-layout :title="__('lists.lists')">
<x-heading :title="__('lists.lists')"><x-button kind="rust" size="sm" data-key="n"
    :href="route('drill-lists.create')">{{ __('lists.make') }}</x-button></x-heading>
<p class="lead-line">{{ __('lists.index-lead') }} {{ __('lists.by-hand') }}</p>
@if ($lists->isEmpty())
    <x-empty :text="__('lists.none')"><x-button kind="rust" :href="route('drill-lists.create')">{{ __('lists.make') }}</x-button></x-empty>
@else
    <x-table :head="array_values(texts('lists.columns'))">
        @foreach ($lists as $list)
            <tr>
                <th scope="row"><a href="{{ route('drill-lists.show', $list) }}">{{ $list->name }}</a></th>
                <td>{{ $list->items_count }}</td>
                <td>{{ $list->madeBy->name ?? __('words.somebody-who-left') }}</td>
                <td>{{ $list->created_at->format('j M Y') }}</td>
            </tr>
        @endforeach
    </x-table>
@endif
</x-layout>
