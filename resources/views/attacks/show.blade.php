<x-layout :title="$attack->title">
    <div class="heading-row">
        <h1>{{ $attack->title }}</h1>
        @if ($attack->critical)<span class="tag tag-critical">critical</span>@endif
        <div class="actions no-print">
            @can('create', App\Models\Answer::class)<a class="btn btn-rust btn-sm" data-key="n" href="{{ route('answers.create', $attack) }}">Write an answer</a>@endcan
            @can('update', $attack)
                <a class="btn btn-plain btn-sm" href="{{ route('attacks.edit', $attack) }}">Edit</a>
                <form method="post" action="{{ route('attacks.destroy', $attack) }}" data-confirm="Delete the attack “{{ $attack->title }}”? This cannot be undone.">@csrf @method('delete')<button class="btn btn-plain btn-sm">Delete</button></form>
            @endcan
        </div>
    </div>
    <p class="lead-line">{{ $core->kind->name }}, {{ $core->kind->family->value }}. {{ $attack->notes }}</p>
    @foreach ($core->allCautions() as $caution)<p class="caution">{{ $caution }}</p>@endforeach
    <div class="columns-2">
        <section aria-labelledby="answers-title">
            <h2 id="answers-title">Answers</h2>
            @foreach ($cells as $cell)
                <h3 class="mt-3">{{ count($cells) === 1 ? 'From its one side' : ($cell->side->value === 'written' ? 'As written' : 'Mirrored') }}:
                    {{ $cell->laidAt === null ? 'nothing answers it' : 'answered from '.$rankNames[$cell->laidAt].' on' }}</h3>
                @foreach ($cell->answers as $id)
                    <div class="slab mb-2">
                        <a href="{{ route('answers.show', $answers[$id]) }}"><strong>{{ $answers[$id]->title }}</strong></a> {{ $answers[$id]->label }}
                        @if ($cell->side->value === 'written')<pre class="beats mt-2">{{ $answers[$id]->beats }}</pre>@endif
                    </div>
                @endforeach
            @endforeach
            @foreach ($holes as $hole)
                <p class="caution"><strong>Hole, {{ $hole->kind->value }}:</strong> {{ $hole->reason }}
                    @can('create', App\Models\Answer::class)<a href="{{ route('answers.create', ['attack' => $attack, 'side' => $hole->side->value]) }}">Write an answer to this side</a>@endcan</p>
            @endforeach
            <h2 id="proof-title">Who holds it</h2>
            <div hx-get="{{ route('attacks.proof', $attack) }}" hx-trigger="load" aria-live="polite"><p class="form-text" role="status">Reading proof …</p></div>
        </section>
        <section aria-labelledby="situation-title">
            <h2 id="situation-title">What it leaves you</h2>
            <div class="floor-stage">@include('workbench.drawing', ['picture' => $seen->picture, 'label' => 'The floor at the start, with how many of his free weapons reach a step away in each direction.'])</div>
            <ul class="situation mt-2">@foreach ($seen->sentences as $sentence)<li>{{ $sentence }}</li>@endforeach</ul>
            <p class="form-text">For you {{ $seen->sizes[0] }} and him {{ $seen->sizes[1] }}. Numbers on the ring: how many of his free weapons reach there after a step. Estimates.</p>
            <h2 id="facets-title">Exactly</h2>
            <p class="mb-1"><code>{{ $seen->line }}</code></p>
            <dl class="facts slab">
                @foreach ($core->facets->toArray() as $facet => $value)
                    <dt>{{ $facet }}</dt><dd>{{ $facet === 'bearing' ? $core->facets->bearing->spell($style).($style === StoneDrill\Core\Floor\BearingStyle::Clock ? ' o’clock' : ' ('.$value.' o’clock)') : $value }}</dd>
                @endforeach
                <dt>needed by</dt><dd>{{ $rankNames[$core->neededBy] ?? 'no rank' }}@if ($core->neededByYouth !== $core->neededBy); under 16: {{ $rankNames[$core->neededByYouth] ?? 'not needed' }}@endif</dd>
                <dt>met</dt><dd>{{ $core->prevalence }} of 5</dd>
                <dt>reps recorded</dt><dd>{{ $reps }}</dd>
            </dl>
        </section>
    </div>
</x-layout>
