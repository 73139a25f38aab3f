<x-layout :title="__('board.board')">
<x-heading :title="__('board.title')">
    <x-button size="sm" data-key="t" :href="route('board', ['form' => $asTable ? null : 'table'] + $parameters)">{{
        __($asTable ? 'wall.as-drawing' : 'wall.as-table') }}</x-button>
    <x-button size="sm" :href="route('board.svg', $parameters)" download>{{ __('words.save-svg') }}</x-button>
    <x-button size="sm" :href="route('students.index')">{{ __('students.people') }}</x-button></x-heading>
<form method="get" action="{{ route('board') }}" class="search-row no-print">
    <x-field name="rank" :label="__('board.group')">
        <x-select name="rank" :options="['' => __('words.everybody')] + $ranks->pluck('name', 'code')->all()" :value="$rank?->code"/>
    </x-field>
    <x-field name="sort" :label="__('board.sorted-by')"><x-select name="sort" :options="texts('board.sorts')" :value="$sort"/></x-field>
    <x-button kind="primary">{{ __('words.show') }}</x-button>
</form>
@include('board.progress')
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
            <small>{{ $board->next($row) }} {{ $board->partnerOf($row) }}</small>
            @if ($row['moves'] !== '')<small class="text-nowrap"><a
                href="{{ route('students.show', $row['student'], false) }}#moves">{{ $row['moves'] }}</a></small>@endif</li>
        @endforeach
    </ol>
    @include($asTable ? 'board.table' : 'board.places')
    <x-paging :pages="$students"/>
    <section hx-get="{{ route('board.mistakes') }}" hx-trigger="load" hx-swap="innerHTML" aria-live="polite">
        <p class="form-text" role="status">{{ __('board.mistakes.counting') }}</p>
    </section>
@endif
</x-layout>
