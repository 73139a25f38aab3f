<x-layout :title="$attack->title">
<x-heading :title="$attack->title">
    <x-slot:beside>@if ($attack->critical)<span class="tag tag-critical">{{ __('attacks.critical') }}</span>@endif</x-slot>
    @can('create', App\Models\Answer::class)
        <x-button kind="rust" size="sm" data-key="n" :href="route('attacks.answers.create', $attack)">{{ __('answers.write') }}</x-button>
    @endcan
    @can('update', $attack)
        <x-button size="sm" data-key="e" :href="route('attacks.edit', $attack)">{{ __('words.edit') }}</x-button>
        <x-delete :action="route('attacks.destroy', $attack)" :question="__('attacks.delete-question', ['title' => $attack->title])"/>
    @endcan
</x-heading>
<p class="lead-line">{{ $page->attack->kind->name() }}, {{ $page->attack->kind->family->value }}. {{ $attack->notes }}</p>
@foreach ($page->attack->allCautions() as $caution)<x-caution>{{ $caution }}</x-caution>@endforeach
<div class="columns-2">
    <section aria-labelledby="answers-title">
        <h2 id="answers-title">{{ __('answers.answers') }}</h2>
        @foreach ($page->sides() as $side)
            <h3 class="mt-3">{{ $side['text'] }}</h3>
            @foreach ($side['answers'] as $answer)
                <div class="slab mb-2">
                    <a href="{{ route('answers.show', [$answer,
                        ...$page->against($answer, $side['side'])]) }}"><strong>{{ $answer->title }}</strong></a> {{ $answer->label }}
                    @if (! isset($side['worksFrom'][$answer->code]))
                        <span class="tag tag-hole">{{ __('attacks.does-not-work') }}</span>
                    @endif
                    @if ($side['showsBeats'])<pre class="beats mt-2">{{ $page->spelling->beats($answer->beats) }}</pre>@endif
                </div>
            @endforeach
        @endforeach
        @if ($when->rows !== [])
            <h2 id="when-title">{{ __('attacks.when.title') }}</h2>
            @include('attacks.when', ['picture' => $when])
        @endif
        @include('attacks.holes', ['first' => true])
        @include('footage.section')
        @include('lists.pick', ['sidesOf' => $page->attack])
        <h2 id="proof-title">{{ __('attacks.who-holds') }}</h2>
        <div hx-get="{{ route('attacks.proof', $attack) }}" hx-trigger="load" aria-live="polite">
            <p class="form-text" role="status">{{ __('attacks.reading-proof') }}</p>
        </div>
        <h2 id="evidence-title">{{ __('evidence.heading-attack') }}</h2>
        <div hx-get="{{ route('attacks.evidence', $attack) }}" hx-trigger="load" aria-live="polite">
            <p class="form-text" role="status">{{ __('evidence.loading') }}</p>
        </div>
    </section>
    <section aria-labelledby="situation-title">
        {!! $situation !!}
        <dl class="facts slab">
            @foreach ($page->facts() as $name => $value)<dt>{{ $name }}</dt><dd>{{ $value }}</dd>@endforeach
        </dl>
    </section>
</div>
</x-layout>
