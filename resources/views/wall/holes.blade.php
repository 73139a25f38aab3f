<section id="holes" aria-labelledby="holes-title" @if (! $holes->isWhole) hx-get="{{ route('holes', $query->parameters(), absolute: false) }}" hx-trigger="load" hx-swap="outerHTML" @endif>
    <h2 id="holes-title" class="mt-1">{{ $holes->drawn }} {{ Str::plural('hole', $holes->drawn) }}</h2>
    @if ($holes->isWhole)
        <p class="form-text mt-0 mb-1">and {{ $holes->weak() }} in what is laid; {{ count($holes->uncatalogued) }} not catalogued. Worked out from what stands here now.@if ($isLarge ?? false) In a catalogue of this size, widening an answer is not among the moves.@endif</p>
    @else
        <p class="form-text mt-0 mb-1" role="status">Running every answer where it is used; what is laid and lacks something follows in a moment …</p>
    @endif
    @if ($holes->rows === [])
        <p>Every attack that is shown is answered by the rank that needs it, on both sides.</p>
    @else
        <ol class="hole-list" tabindex="0" aria-label="Holes, the heaviest first">
            @foreach ($holes->rows as $row)
                <li @if ($row['number']) id="hole-{{ $row['number'] }}" @endif class="@if (! $row['number']) is-laid @endif">
                    @if ($row['number'])<span class="hole-number">{{ $row['number'] }}</span>@endif<strong>{{ $row['hole']->kind->value }}</strong> <span class="narrow">weight {{ number_format($row['hole']->weight, 2) }}</span><br>
                    {{ $row['hole']->reason }}
                    <div class="moves">
                        @can('create', App\Models\Answer::class)
                            @foreach ($row['hole']->moves as $move)
                                @if ($move->kind === StoneDrill\Core\Coverage\MoveKind::Write)
                                    <a href="{{ route('answers.create', ['attack' => $attackIds[$row['hole']->attack], 'side' => $row['hole']->side->value], absolute: false) }}">write one</a>
                                @else
                                    <a href="{{ route('moves.show', ['answer' => $answers[$move->answer], 'kind' => $row['hole']->kind->value, 'attack' => $row['hole']->attack, 'side' => $row['hole']->side->value, 'move' => $move->kind->value], absolute: false) }}">{{ match ($move->kind->value) {
                                        'mirror' => 'teach both sides of “'.$answers[$move->answer]->title.'”',
                                        'widen' => 'let “'.$answers[$move->answer]->title.'” count'.($move->findings === [] ? '' : ', with '.count($move->findings).' findings'),
                                        'earlier' => 'teach “'.$answers[$move->answer]->title.'” at '.$rankNames[$row['hole']->rank],
                                        default => 'soften “'.$answers[$move->answer]->title.'”',
                                    } }}</a> ·
                                @endif
                            @endforeach
                        @endcan
                    </div>
                </li>
            @endforeach
        </ol>
        @if ($holes->more > 0)<p class="form-text">{{ number_format($holes->more) }} lighter ones are not listed here. Press a family’s name, or save the wall as CSV, to see them.</p>@endif
        @if ($holes->uncatalogued !== [])
            <details><summary>{{ count($holes->uncatalogued) }} facets that nobody has catalogued</summary><ul class="hole-list" tabindex="0" aria-label="Not catalogued">@foreach ($holes->uncatalogued as $hole)<li class="is-laid">{{ $hole->reason }}</li>@endforeach</ul></details>
        @endif
    @endif
</section>
