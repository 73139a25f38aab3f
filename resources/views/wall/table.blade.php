<div class="wall-and-holes">
    <div>
    <x-wall-pages :page="$wall->page" :query="$query"/>
    <div class="scroll-x" tabindex="0" role="region" aria-label="The wall as a table">
        <table class="table table-sm">
            <caption class="visually-hidden">Every side of every attack that is shown, the rank that needs it and the rank that first answers it</caption>
            <thead><tr><th scope="col">Attack</th><th scope="col">Side</th><th scope="col">Needed by</th><th scope="col">First answered at</th><th scope="col">Answers</th>@if ($wall->picture->isCompared())<th scope="col">Since {{ $query->since?->format('j M Y') }}</th>@endif</tr></thead>
            <tbody>
            @foreach ($wall->cells as $column => $cell)
                <tr>
                    <th scope="row"><a href="{{ route('attacks.show', $attackIds[$cell->attack->id], absolute: false) }}">{{ $cell->attack->title }}</a></th>
                    <td>{{ count($cell->attack->sides()) === 1 ? 'one' : ($cell->side->value === 'written' ? 'as written' : 'mirrored') }}</td>
                    <td>{{ $cell->attack->neededBy === null ? 'no rank' : $rankNames[$cell->attack->neededBy] }}</td>
                    <td>@if ($cell->laidAt === null)<span class="tag tag-hole">nothing</span>@else{{ $rankNames[$cell->laidAt] }}@endif</td>
                    <td>@foreach ($cell->answers as $id)<a href="{{ route('answers.show', $answers[$id], absolute: false) }}">{{ $answers[$id]->title }}</a>@if (! $loop->last), @endif @endforeach</td>
                    @if ($wall->picture->isCompared())<td>{{ implode(', ', $wall->picture->changesOf($cell)) ?: 'the same' }}</td>@endif
                </tr>
            @endforeach
            </tbody>
        </table>
    </div>
    </div>
    @include('wall.holes', ['holes' => $wall->holes])
</div>
