@if ($bench->examination->findings !== [] || $bench->examination->waived !== [])
<h2>{{ $bench->examination->findings === [] ? __('answers.no-finding') : ucfirst($bench->summary()) }}</h2>
<p class="form-text">{{ __('answers.for-bodies', ['defender' => $bench->settings->sizeNames()[$bench->settings->defender],
    'attacker' => $bench->settings->sizeNames()[$bench->settings->attacker]]) }}</p>
@foreach ($bench->examination->findings as $finding)
    <x-finding :finding="$finding">
        @can('update', $answer)
            <details class="no-print"><summary>{{ __('answers.accept-with-reason') }}</summary>
                <form class="accept" method="post" action="{{ route('answers.waivers.store', $answer) }}">
                    @csrf
                    <x-hidden :values="['check' => $finding->check->value, 'beat' => $finding->beat, 'version' => $answer->version]"/>
                    <label>{{ __('answers.why') }}
                        <x-input name="reason" id="reason-{{ $loop->index }}" small required maxlength="2000"
                            :value="$bench->typedReason($finding)"/></label>
                    <x-button size="sm">{{ __('answers.accept') }}</x-button>
                </form></details>
        @endcan
    </x-finding>
@endforeach
@foreach ($bench->examination->waived as $row)
    <div class="finding">
        {{ __('answers.accepted-at',
            ['beat' => $row['finding']->beat]) }} {{ $row['finding']->message }} <em>{{ $row['waiver']->reason }}</em>
        @can('update', $answer)
            <form class="d-inline no-print" method="post" action="{{ route('answers.waivers.destroy', [$answer,
                $row['waiver']->check->value]) }}">
                @csrf
                @method('delete')
                <x-hidden :values="['beat' => $row['waiver']->beat, 'version' => $answer->version]"/>
                <x-button size="sm">{{ __('answers.no-longer') }}</x-button>
            </form>
        @endcan
    </div>
@endforeach
@endif
@foreach ($bench->idleWaivers() as $waiver)
<div class="finding">
    {{ $waiver->beat === null ? __('answers.accepted-check', ['check' => $waiver->check->value])
        : __('answers.accepted-check-at', ['check' => $waiver->check->value, 'beat' => $waiver->beat]) }}
    {{ $waiver->reason }} <span class="finding-mend">{{ __('answers.not-found-here') }}</span>
</div>
@endforeach
