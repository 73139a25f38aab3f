<x-layout :title="$list->name">
<x-heading :title="$list->name">
    <x-button size="sm" :href="route('drill-lists.index')">{{ __('lists.all') }}</x-button>
    @can('delete', $list)
        <x-delete :action="route('drill-lists.destroy', $list)" :question="__('lists.delete-question', ['name' => $list->name])"/>
    @endcan
</x-heading>
<p class="lead-line">{{ trans_choice('lists.show-lead', $list->items->count(), [
    'name' => $list->madeBy->name ?? __('words.somebody-who-left'), 'day' => $list->created_at->format('j F Y'),
]) }}</p>
@if ($list->items->isEmpty())
    <x-empty :text="__('lists.all-deleted')"/>
@else
    <x-table :head="array_values(texts('lists.item-columns'))">
        @foreach ($list->items as $item)
            <tr>
                <td>{{ $loop->iteration }}</td>
                <th scope="row"><a href="{{ route('attacks.show',
                    $item->attack) }}">{{ $item->attack->title }}</a>{{ $item->sideText() }}</th>
                <td>{{ $item->attack->phase }}</td>
                <td>{{ $item->differencesText() }}</td>
            </tr>
        @endforeach
    </x-table>
@endif
</x-layout>
