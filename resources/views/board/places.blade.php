<x-figure :label="__('board.label')">
    <table class="board-table" data-board="{{ $board->people() }}">
        <thead><tr><th scope="col">{{ __('words.attack') }}</th>
            <th scope="col"><svg width="{{ $board->width() }}" height="24" role="img" aria-label="{{ __('board.numbers') }}">
                @foreach ($board->heads() as $head)<text x="{{ $head['x'] }}" y="17"><title>{{ $head['name'] }}</title>{{
                    $head['number'] }}</text>@endforeach</svg></th></tr></thead>
        <tbody>
        @php($family = '')
        @foreach ($board->lines() as $line)
            @if ($line->family !== $family)
                <tr><th scope="rowgroup" colspan="2" class="family">{{ $family = $line->family }}</th></tr>
            @endif
            <tr><th scope="row"><a href="{{ route('attacks.show', $attackIds[$line->attack], false) }}">{{ $line->title }}</a></th>
                <td><svg width="{{ $board->width() }}" height="24" role="img" aria-label="{{ $line->text }}"
                    data-attack="{{ $attackIds[$line->attack] }}">
                    @foreach ($line->shapes as $shape)<path class="proof-place {{ $shape['state'] }}" d="{{ $shape['path'] }}"/><text
                        class="{{ $shape['state'] }}" x="{{ $shape['places'] }}" y="17">{{ $shape['signs'] }}</text>@endforeach
                </svg></td></tr>
        @endforeach
        </tbody>
    </table>
</x-figure>
