<div class="wall-and-holes">
<div>
<x-wall-pages :page="$wall->page" :query="$query"/>
<x-figure :label="__('wall.table.label')">
    <x-table :caption="__('wall.table.caption')" :head="$wall->tableHead($query)">
        @foreach ($wall->cells as $cell)
            <tr>
                <th scope="row"><a href="{{ route('attacks.show', $attackIds[$cell->attack->id], absolute:
                    false) }}">{{ $cell->attack->title }}</a></th>
                <td>{{ $wall->sideText($cell) }}</td>
                <td>{{ $cell->attack->need->rank === null ? __('words.no-rank') : $rankNames[$cell->attack->need->rank] }}</td>
                <td>{{ $cell->taughtAt === null ? __('words.none') : $rankNames[$cell->taughtAt] }}</td>
                <td>@if ($cell->laidAt === null)<span
                    class="tag tag-hole">{{ __('words.none') }}</span>@else{{ $rankNames[$cell->laidAt] }}@endif</td>
                <td>@foreach ($cell->answers as $id)
                    <a href="{{ route('answers.show', $answers[$id], absolute:
                        false) }}">{{ $answers[$id]->title }}</a>{{ $wall->failsText($cell, $id)
                        }}@if (! $loop->last),@endif
                @endforeach</td>
                @if ($wall->picture->changes)<td>{{ $wall->changesText($cell) }}</td>@endif
            </tr>
        @endforeach
    </x-table>
</x-figure>
</div>
@include('wall.holes', ['holes' => $wall->holes])
</div>
