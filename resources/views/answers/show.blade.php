<x-layout :title="$answer->title">
    <div class="heading-row">
        <h1>{{ $answer->title }}</h1> @if ($answer->label !== '')<span class="tag">{{ $answer->label }}</span>@endif
        <div class="actions no-print">
            <a class="btn btn-plain btn-sm" href="{{ route('answers.sheet', $answer) }}">Sheet</a>
            <a class="btn btn-plain btn-sm" href="{{ route('answers.pdf', $answer) }}">PDF</a>
            <a class="btn btn-plain btn-sm" href="{{ route('answers.svg', $answer) }}" download>Floor as SVG</a>
            @can('update', $answer)
                <a class="btn btn-rust btn-sm" data-key="e" href="{{ route('answers.edit', $answer) }}">Edit</a>
                <form method="post" action="{{ route('answers.destroy', $answer) }}" data-confirm="Delete the answer “{{ $answer->title }}” and its history? This cannot be undone.">@csrf @method('delete')<button class="btn btn-plain btn-sm">Delete</button></form>
            @endcan
        </div>
    </div>
    <p class="lead-line">Written for <a href="{{ route('attacks.show', $answer->attack) }}">{{ $answer->attack->title }}</a>, introduced at {{ $answer->rank->name }}, {{ $answer->mirrored ? 'both sides are taught' : 'taught on one side' }}.
        @if ($shortRank)A short form, its first {{ $answer->short_beats }} and its last beat, from {{ $shortRank->name }} on.@endif</p>
    @include('workbench.cautions')
    <div class="workbench" x-data="workbench">
        <div class="bench-text">
            <h2 class="mt-0">Beats</h2>
            <pre class="beats">{{ $answer->beats }}</pre>
            <dl class="facts slab mt-3">
                <dt>takes</dt><dd>{{ number_format($bench->examination->duration(), 2) }} s, {{ count($facts->answer->beats->line) }} beats, {{ $facts->actions }} actions (an estimate)</dd>
                <dt>most like</dt><dd>@forelse ($facts->resembles as $other)<a href="{{ route('answers.show', $ids['answers'][$other->other->id]) }}">{{ $other->other->title }}</a>, which brings {{ round(100 * $other->brings) }} % of it along and gets {{ round(100 * $other->gives) }} % from it{{ $loop->last ? '' : ' · ' }}@empty no other answer @endforelse</dd>
                <dt>can hurt</dt><dd>{{ $facts->hazards === [] ? 'nothing in it beyond the usual' : implode(', ', $facts->hazards) }}</dd>
                <dt>reps</dt><dd>{{ $reps }} name it</dd>
            </dl>
            @if ($answer->faults !== [])<h2>Usual mistakes</h2><ul>@foreach ($answer->faults as $fault)<li>{{ $fault }}</li>@endforeach</ul>@endif
            <h2>Answers</h2>
            @if ($facts->cells === [])<p>No attack of the catalogue: its pattern matches none.</p>@endif
            <ul>@foreach ($facts->cells as $cell)<li><a href="{{ route('attacks.show', $ids['attacks'][$cell->attack->id]) }}">{{ $cell->attack->title }}</a>@if (count($cell->attack->sides()) > 1), {{ $cell->side->value === 'written' ? 'as written' : 'mirrored' }}@endif</li>@endforeach</ul>
            <details @if ($answer->mirrored) open @endif><summary><strong>Its mirror</strong></summary><pre class="beats mt-2">{{ $mirror }}</pre></details>
            @include('answers.history')
        </div>
        <div class="bench-floor">
            <form hx-get="{{ route('answers.floor', $answer) }}" hx-trigger="change" hx-target="#floor-here" hx-sync="this:queue last">@include('workbench.settings', ['settings' => $bench->settings, 'symmetric' => $facts->attack->isSymmetric()])</form>
            <div id="floor-here">@include('workbench.floor')</div>
            @include('answers.accepted')
        </div>
    </div>
</x-layout>
