<x-layout title="Board">
    <div class="heading-row"><h1>The board</h1><div class="actions no-print"><a class="btn btn-plain btn-sm" href="{{ route('students.index') }}">People</a></div></div>
    <form method="get" action="{{ route('board') }}" class="search-row no-print">
        <div><label class="form-label" for="rank">Group</label><select class="form-select" id="rank" name="rank"><option value="">everybody</option>@foreach ($ranks as $one)<option value="{{ $one->code }}" @selected($rank?->is($one))>{{ $one->name }}</option>@endforeach</select></div>
        <div><label class="form-label" for="sort">Sorted by</label><select class="form-select" id="sort" name="sort">@foreach (App\Mat\Board::SORTS as $value => $word)<option value="{{ $value }}" @selected($sort === $value)>{{ $word }}</option>@endforeach</select></div>
        <button class="btn btn-primary">Show</button>
    </form>
    @if ($board->rows === [])
        <div class="first-thing">Nobody is in this group. <a href="{{ route('board') }}">Show everybody</a></div>
    @else
        <p class="form-text">At the goal rung of each one’s rank: <span class="proof-sign holds">✓</span> holds, <span class="proof-sign building">◔</span> building, <span class="proof-sign failing">✕</span> failing, <span class="proof-sign faded">~</span> held once and faded, <span class="proof-sign untried">·</span> untried, blank: not needed. Press a sign for the lower bound, the tries behind it and the day it fades. Estimates. {{ $students->total() }} people in all.</p>
        @if ($board->pages > 1)
            <p class="no-print">{{ number_format($board->columns) }} columns: page {{ $board->page }} of {{ $board->pages }}.
                @if ($board->page > 1)<a class="btn btn-plain btn-sm" href="{{ request()->fullUrlWithQuery(['attacks' => $board->page - 1]) }}">Previous attacks</a>@endif
                @if ($board->page < $board->pages)<a class="btn btn-plain btn-sm" href="{{ request()->fullUrlWithQuery(['attacks' => $board->page + 1]) }}">Next attacks</a>@endif
            </p>
        @endif
        <div class="scroll-x" tabindex="0" role="region" aria-label="Students against attacks"><table class="table table-sm board-table">
            <thead><tr><th scope="col">Who</th><th scope="col">Holds</th><th scope="col">Next, and with whom</th>@foreach ($board->cells as $cell)<th scope="col" class="upright"><a href="{{ route('attacks.show', $attackIds[$cell->attack->id]) }}">{{ Str::limit($cell->attack->title, 30, '…') }}{{ $cell->side->value === 'mirrored' ? ' (m)' : '' }}</a></th>@endforeach</tr></thead>
            <tbody>@foreach ($board->rows as $row)
                @php($ladder = route('students.show', $row['student'], false))
                <tr><th scope="row"><a href="{{ $ladder }}">{{ $row['student']->name }}</a> <span class="narrow">{{ $row['student']->rank->name }}{{ $row['last'] ? ', last '.$row['last']->format('j M') : ', no rep yet' }}</span></th>
                    <td>{{ $row['held'] }} of {{ $row['needed'] }}</td>
                    <td class="next">@if ($row['next']){{ $row['next']->attack->title }}{{ $row['next']->side->value === 'mirrored' ? ' (mirrored)' : '' }}@if ($row['with']) <span class="narrow">with {{ $row['with'] }}</span>@endif @else nothing to draw @endif</td>
                    @foreach ($board->cells as $cell)
                        @php($state = $row['states'][$cell->attack->id.' '.$cell->side->value] ?? null)
                        <td class="proof-cell">@if ($state)<a class="proof-sign {{ $state->value }}" href="{{ $ladder }}?attack={{ $attackIds[$cell->attack->id] }}#timeline" title="{{ $state->value }}"><span aria-hidden="true">{{ $state->sign() }}</span><span class="visually-hidden">{{ $state->value }}</span></a>@endif</td>
                    @endforeach</tr>
            @endforeach</tbody>
        </table></div>
        <x-paging :pages="$students"/>
        <section hx-get="{{ route('board.faults') }}" hx-trigger="load" hx-swap="innerHTML" aria-live="polite"><p class="form-text" role="status">Counting mistakes …</p></section>
    @endif
</x-layout>
