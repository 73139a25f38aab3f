<dl class="facts slab mt-3">
<dt>{{ __('answers.facts.takes') }}</dt>
<dd>{{ __('answers.facts.duration', ['seconds' => number_format($bench->examination->duration(), 2)]) }}
    {{ trans_choice('words.beats', count($facts->answer->beats->line)) }}, {{ trans_choice('words.actions', $facts->actions) }}</dd>
<dt>{{ __('answers.facts.like') }}</dt>
<dd>@forelse ($facts->resembles as $other)
        <span class="d-block"><a href="{{ route('answers.show', $ids['answers'][$other->other->id]) }}">{{
            $other->other->title }}</a>{{ __('answers.facts.shares', $facts->shares($other)) }}</span>
    @empty{{ __('answers.facts.no-other') }}@endforelse</dd>
<dt>{{ __('answers.facts.hurts') }}</dt>
<dd>{{ $facts->hazards === [] ? __('answers.facts.nothing-special') : implode(', ', $facts->hazards) }}</dd>
</dl>
