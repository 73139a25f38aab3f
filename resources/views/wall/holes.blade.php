<section aria-labelledby="holes-title">
    <h2 id="holes-title" class="mt-1">{{ count($coverage->holes) }} {{ Str::plural('hole', count($coverage->holes)) }}</h2>
    @if ($coverage->holes === [])
        <p>Every attack is answered by the rank that needs it, on both sides.</p>
    @else
        <ol class="hole-list" tabindex="0" aria-label="Holes, the heaviest first">
            @foreach ($coverage->holes as $hole)
                <li id="hole-{{ $loop->iteration }}">
                    <span class="hole-number">{{ $loop->iteration }}</span><strong>{{ $hole->kind->value }}</strong> <span class="narrow">weight {{ number_format($hole->weight, 2) }}</span><br>
                    {{ $hole->reason }}
                    <div class="moves">
                        @can('create', App\Models\Answer::class)
                            @foreach ($hole->moves as $move)
                                @if ($move->kind === StoneDrill\Core\Coverage\MoveKind::Write)
                                    <a href="{{ route('answers.create', ['attack' => $attackIds[$hole->attack], 'side' => $hole->side->value]) }}">write one</a>
                                @elseif ($move->kind === StoneDrill\Core\Coverage\MoveKind::Mirror)
                                    <a href="{{ route('answers.edit', $answers[$move->answer]) }}#mirrored">teach both sides of “{{ $answers[$move->answer]->title }}”</a> ·
                                @else
                                    <a href="{{ route('answers.edit', $answers[$move->answer]) }}#rank">teach “{{ $answers[$move->answer]->title }}” at {{ $rankNames[$hole->rank] }}</a> ·
                                @endif
                            @endforeach
                        @endcan
                    </div>
                </li>
            @endforeach
        </ol>
    @endif
</section>
