<x-layout :title="$list->name">
<x-heading :title="$list->name">
    <x-button size="sm" :href="route('drill-lists.index')">{{ __('lists.all') }}</x-button>
    @can('update', $list)
        <form method="post" action="{{ route('drill-lists.copy', $list) }}">@csrf
            <x-button size="sm">{{ __('lists.copy') }}</x-button></form>
    @endcan
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
                <td class="no-print"><div class="block-changes">
                    @foreach (texts('lists.moves') as $change => $text)
                        <form method="post" action="{{ route('drill-lists.items.update', [$list, $item]) }}">
                            @csrf
                            @method('put')
                            <x-button size="sm" name="change" :value="$change"
                                :aria-label="$text.': '.$item->attack->title.$item->sideText()">{{ $text }}</x-button>
                        </form>
                    @endforeach
                    <form method="post" action="{{ route('drill-lists.items.destroy', [$list, $item]) }}">
                        @csrf
                        @method('delete')
                        <x-button size="sm"
                            :aria-label="__('lists.remove').': '.$item->attack->title.$item->sideText()">{{ __('lists.remove') }}</x-button>
                    </form>
                </div></td>
            </tr>
        @endforeach
    </x-table>
@endif
@can('update', $list)
<form method="post" action="{{ route('drill-lists.rename', $list) }}" class="search-row no-print">
    @csrf
    @method('put')
    <x-field name="name" class="wide" :label="__('lists.name')"><x-input name="name" maxlength="200" required
        :value="old('name', $list->name)"/></x-field>
    <x-button>{{ __('words.save') }}</x-button>
</form>
@endcan
</x-layout>
