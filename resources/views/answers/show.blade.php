<x-layout :title="$answer->title">
    <div class="heading-row">
        <h1>{{ $answer->title }}</h1> @if ($answer->label !== '')<span class="tag">{{ $answer->label }}</span>@endif
        <div class="actions no-print">
            @can('update', $answer)
                <a class="btn btn-rust btn-sm" href="{{ route('answers.edit', $answer) }}">Edit</a>
                <form method="post" action="{{ route('answers.destroy', $answer) }}" data-confirm="Delete the answer “{{ $answer->title }}”? This cannot be undone.">@csrf @method('delete')<button class="btn btn-plain btn-sm">Delete</button></form>
            @endcan
        </div>
    </div>
    <p class="lead-line">Written for <a href="{{ route('attacks.show', $answer->attack) }}">{{ $answer->attack->title }}</a>, introduced at {{ $answer->rank->name }}, {{ $answer->mirrored ? 'both sides are taught' : 'taught on one side' }}.
        @if ($shortRank)A short form, its first {{ $answer->short_beats }} and its last beat, from {{ $shortRank->name }} on.@endif</p>
    @foreach ($cautions as $caution)<p class="caution">{{ $caution }}</p>@endforeach
    <div class="columns-2">
        <section aria-labelledby="beats-title"><h2 id="beats-title">Beats</h2><pre class="beats">{{ $answer->beats }}</pre>
            <h2>Its mirror</h2><pre class="beats">{{ $mirror }}</pre></section>
        <section aria-labelledby="facts-title">
            <h2 id="facts-title">Answers</h2>
            @if ($cells === [])<p>No attack of the catalogue: its pattern matches none.</p>@endif
            <ul>@foreach ($cells as $cell)<li><a href="{{ route('attacks.show', $attackIds[$cell->attack->id]) }}">{{ $cell->attack->title }}</a>@if (count($cell->attack->sides()) > 1), {{ $cell->side->value === 'written' ? 'as written' : 'mirrored' }}@endif</li>@endforeach</ul>
            @if ($answer->faults !== [])<h2>Usual mistakes</h2><ul>@foreach ($answer->faults as $fault)<li>{{ $fault }}</li>@endforeach</ul>@endif
            @foreach ($answer->waived as $waiver)<p class="caution">Accepted: {{ $waiver['check'] }}, {{ $waiver['reason'] }}</p>@endforeach
            <p class="form-text">{{ $reps }} reps name it.</p>
        </section>
    </div>
</x-layout>
