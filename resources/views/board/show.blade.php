<x-layout :title="__('board.board')">
<x-heading :title="__('board.title')"><x-button size="sm" :href="route('students.index')">{{ __('students.people') }}</x-button></x-heading>
<form method="get" action="{{ route('board') }}" class="search-row no-print">
    <x-field name="rank" :label="__('board.group')">
        <x-select name="rank" :options="['' => __('words.everybody')] + $ranks->pluck('name', 'code')->all()" :value="$rank?->code"/>
    </x-field>
    <x-field name="sort" :label="__('board.sorted-by')"><x-select name="sort" :options="texts('board.sorts')" :value="$sort"/></x-field>
    <x-button kind="primary">{{ __('words.show') }}</x-button>
</form>
@if ($board->rows === [])
    <x-empty :text="__('board.empty')"><a href="{{ route('board') }}">{{ __('board.show-everybody') }}</a></x-empty>
@else
    <p class="form-text">{{ __('board.legend.goal') }}
        @foreach (StoneDrill\Core\Proof\ProofState::cases() as $state)
            <span class="proof-sign {{ $state->value }}">{{ $state->sign() }}</span> {{ __('board.legend.'.$state->value) }},
        @endforeach
        {{ __('board.legend.blank') }} {{ __('board.legend.help', ['people' => $students->total()]) }}</p>
    @if ($board->pages > 1)
        <p class="no-print">{{ __('board.pages', ['lines' => number_format($board->count), 'page' => $board->page,
            'pages' => $board->pages]) }}
            @if ($board->hasPrevious())<x-button size="sm" :href="$board->pageUrl(-1)">{{ __('board.previous-attacks') }}</x-button>@endif
            @if ($board->hasNext())<x-button size="sm" :href="$board->pageUrl(1)">{{ __('board.next-attacks') }}</x-button>@endif</p>
    @endif
    <ol class="board-people">
        @foreach ($board->rows as $row)
        <li><a href="{{ route('students.show', $row['student'], false) }}">{{ $row['student']->name }}</a>
            <span class="narrow">{{ $board->about($row) }}</span>
            <b>{{ __('words.of', ['count' => $row['held'], 'all' => $row['needed']]) }}</b>
            <small>{{ $board->next($row) }} {{ $board->partnerOf($row) }}</small></li>
        @endforeach
    </ol>
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
    <x-paging :pages="$students"/>
    <section hx-get="{{ route('board.mistakes') }}" hx-trigger="load" hx-swap="innerHTML" aria-live="polite">
        <p class="form-text" role="status">{{ __('board.mistakes.counting') }}</p>
    </section>
@endif
</x-layout>
