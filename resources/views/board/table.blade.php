{{-- The board in words: for each side of an attack, who stands how. --}}
<div class="table-wide">
<x-table :head="$board->tableHead()" :caption="__('board.label')">
    @foreach ($board->lines() as $line)
        <tr>
            <th scope="row"><a href="{{ route('attacks.show', $attackIds[$line->attack], false) }}">{{ $line->title }}</a></th>
            @foreach (StoneDrill\Core\Proof\ProofState::cases() as $state)<td>{{ $line->names[$state->value] ?? '' }}</td>@endforeach
        </tr>
    @endforeach
</x-table>
</div>
