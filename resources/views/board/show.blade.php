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
        <p class="no-print">{{ __('board.pages', ['columns' => number_format($board->columns), 'page' => $board->page,
            'pages' => $board->pages]) }}
            @if ($board->hasPrevious())<x-button size="sm" :href="$board->pageUrl(-1)">{{ __('board.previous-attacks') }}</x-button>@endif
            @if ($board->hasNext())<x-button size="sm" :href="$board->pageUrl(1)">{{ __('board.next-attacks') }}</x-button>@endif</p>
    @endif
    <x-figure :label="__('board.label')">
        <table class="table table-sm board-table">
            <thead><tr>
                @foreach (texts('board.columns') as $column)<th scope="col">{{ $column }}</th>@endforeach
                @foreach ($board->cells as $cell)
                    <th scope="col" class="upright"><a href="{{ route('attacks.show',
                        $attackIds[$cell->attack->id]) }}">{{ $board->short($cell) }}</a></th>
                @endforeach
            </tr></thead>
            <tbody>
            @foreach ($board->rows as $row)
                @php($ladder = route('students.show', $row['student'], false))
                <tr>
                    <th scope="row"><a href="{{ $ladder }}">{{ $row['student']->name }}</a> <span
                        class="narrow">{{ $board->about($row) }}</span></th>
                    <td>{{ __('words.of', ['count' => $row['held'], 'all' => $row['needed']]) }}</td>
                    <td class="next">{{ $board->next($row) }} <span class="narrow">{{ $board->partnerOf($row) }}</span></td>
                    @foreach ($board->states($row) as $id => $state)
                        <td class="proof-cell">@if ($state)
                            <a class="proof-sign {{ $state->value }}" title="{{ __('proof.states.'.$state->value) }}"
                                href="{{ $ladder }}?attack={{ $attackIds[$board->attackOf($id)] }}#timeline"><span
                                    aria-hidden="true">{{ $state->sign() }}</span><span
                                class="visually-hidden">{{ __('proof.states.'.$state->value) }}</span></a>@endif</td>
                    @endforeach
                </tr>
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
