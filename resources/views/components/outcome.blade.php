@props(['outcome', 'keyed' => false])
<button {{ $attributes->class(['outcome', App\View\Drill\OutcomeButton::tone($outcome)]) }}>
<strong>{{ ucfirst(__('proof.outcome-names.'.$outcome->value)) }}
    @if ($keyed)<kbd>{{ App\View\Drill\OutcomeButton::key($outcome) }}</kbd>@endif</strong>
<small>{{ $outcome->meaning() }}</small>
</button>
