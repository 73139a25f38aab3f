<x-layout :title="$answer->title">
<x-heading :title="$answer->title">
    <x-slot:beside>@if ($answer->label !== '')<span class="tag">{{ $answer->label }}</span>@endif</x-slot>
    <x-button size="sm" :href="route('answers.sheet', $answer)">{{ __('sheet.sheet') }}</x-button>
    <x-button size="sm" :href="route('answers.pdf', $answer)">{{ __('sheet.pdf') }}</x-button>
    <x-button size="sm" :href="route('answers.beside', $answer)">{{ __('beside.link') }}</x-button>
    @can('update', $answer)
        <x-button kind="rust" size="sm" data-key="e" :href="route('answers.edit', $answer)">{{ __('words.edit') }}</x-button>
        <x-delete :action="route('answers.destroy', $answer)" :question="__('answers.delete-question', ['title' => $answer->title])"/>
    @endcan
</x-heading>
<p class="lead-line">{{ __('answers.written-for') }} <a href="{{ route('attacks.show',
    $answer->attack) }}">{{ $answer->attack->title }}</a>.
    {{ __($answer->mirrored ? 'answers.lead-both' : 'answers.lead-one', ['rank' => $answer->rank->name]) }}
    @if ($shortRank){{ __('answers.lead-short', ['beats' => $answer->short_beats, 'rank' => $shortRank->name]) }}@endif</p>
@include('workbench.cautions')
<div class="workbench" x-data="workbench">
    <div class="bench-text">
        <h2 class="mt-0">{{ __('answers.beats') }}</h2>
        <pre class="beats">{{ $beats }}</pre>
        @include('answers.facts')
        @include('answers.variants')
        <h2>{{ __('answers.meets') }}</h2>
        @if ($facts->cells === [])<p>{{ __('answers.meets-nothing') }}</p>@endif
        <ul>
            @foreach ($facts->cells as $cell)
                <li><a href="{{ route('attacks.show',
                    $ids['attacks'][$cell->attack->id]) }}">{{ $cell->attack->title }}</a>{{ $facts->side($cell) }}
                    @unless ($facts->works($cell))<strong>({{ __('answers.meets-fails') }})</strong>@endunless
                    @if (count($facts->cells) > 1)<a class="form-text" href="{{ route('answers.show', [$answer,
                        'against' => $cell->attack->id, 'side' => $cell->side->value]) }}#floor-here">{{
                        __('answers.meets-floor') }}</a>@endif</li>
            @endforeach
        </ul>
        <details @if ($answer->mirrored) open @endif>
            <summary><strong>{{ __('answers.mirror') }}</strong></summary><pre class="beats mt-2">{{ $mirror }}</pre>
        </details>
        @include('footage.section')
        <section aria-labelledby="evidence-title">
            <h2 id="evidence-title">{{ __('evidence.heading') }}</h2>
            <div hx-get="{{ route('answers.evidence', $answer) }}" hx-trigger="load" aria-live="polite">
                <p class="form-text" role="status">{{ __('evidence.loading') }}</p>
            </div>
        </section>
        @include('answers.history')
    </div>
    <div class="bench-floor">
        <form id="bench-form" hx-get="{{ route('answers.floor', $answer) }}" hx-trigger="change" hx-target="#floor-here"
            hx-sync="this:queue last">
            @include('workbench.settings', ['settings' => $bench->settings, 'symmetric' => $bench->attack()->isSymmetric(),
                'against' => $bench->attack()->id])
        </form>
        @if ($bench->attack()->id !== $facts->attack->id)
            <p class="form-text" role="status">{{ __('answers.against', ['attack' => $bench->attack()->title]) }}
                <a href="{{ route('answers.show', $answer) }}">{{ __('answers.against-own', ['attack' => $facts->attack->title]) }}</a></p>
        @endif
        <div id="floor-here">@include('workbench.floor', ['saved' => $answer])</div>
        <section aria-labelledby="field-title">
            <h2 id="field-title">{{ __('floor.field.title') }}</h2>
            <div id="field-here" hx-get="{{ route('answers.field', $answer) }}" hx-include="#bench-settings"
                hx-trigger="intersect once, change from:#bench-settings">
                <p class="form-text" role="status">{{ __('floor.field.looking') }}</p>
            </div>
            <div class="search-row">
                <x-select name="student" form="bench-form" class="w-auto" small :options="['' => __('floor.you')] + $measured"
                    :aria-label="__('floor.you')"/>
                <x-button form="bench-form" size="sm" :formaction="route('answers.tape', $answer)">{{ __('floor.field.tape') }}</x-button>
            </div>
        </section>
        <section aria-labelledby="whom-title">
            <h2 id="whom-title">{{ __('floor.whom.title') }}</h2>
            <div class="whom-sliders">
                @foreach (texts('floor.whom.sliders') as $body => $name)
                    <label>{{ $name }} <input type="range" min="1" max="2.2" step="0.01" data-stature="{{ $body }}"
                        value="{{ $bench->settings->bodies->$body }}" x-on:change="slideBody" x-on:input="tellBody">
                        <output>{{ number_format($bench->settings->bodies->$body, 2) }}</output></label>
                @endforeach
            </div>
            <div hx-get="{{ route('answers.bodies', $answer) }}" hx-include="#bench-settings"
                hx-trigger="load, change from:(#bench-settings [name=side]), change from:(#bench-settings [name=rung])" aria-live="polite">
                <p class="form-text" role="status">{{ __('floor.whom.looking') }}</p>
            </div>
        </section>
        @include('answers.accepted')
    </div>
</div>
</x-layout>
