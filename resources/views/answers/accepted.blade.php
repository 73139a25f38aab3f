@if ($bench->examination->findings !== [] || $bench->examination->waived !== [])
    <h2>{{ $bench->examination->findings === [] ? 'No finding stands' : ucfirst($bench->summary()) }}</h2>
    <p class="form-text">For the bodies that the school calls typical{{ $bench->settings->defender === $bench->settings->attacker ? '' : ', and the build of this attack' }}.</p>
    @foreach ($bench->examination->findings as $finding)
        <div class="finding finding-{{ $finding->severity->value }}"><button type="button" class="link-button" data-jump="{{ $finding->beat }}" x-on:click="jump">Beat {{ $finding->beat }}</button> <span class="finding-kind">{{ $finding->severity->value }}</span> {{ $finding->message }} <span class="finding-mend">{{ $finding->mend }}</span>
            @can('update', $answer)
                <details class="no-print"><summary>Accept it, with a reason</summary>
                    <form class="accept" method="post" action="{{ route('waivers.store', $answer) }}">@csrf
                        <input type="hidden" name="check" value="{{ $finding->check }}"><input type="hidden" name="beat" value="{{ $finding->beat }}"><input type="hidden" name="version" value="{{ $answer->version }}">
                        <label>Why <input class="form-control form-control-sm" name="reason" required maxlength="2000" value="{{ old('check') === $finding->check && old('beat') === $finding->beat ? old('reason') : '' }}"></label> <button class="btn btn-plain btn-sm">Accept</button>
                    </form></details>
            @endcan
        </div>
    @endforeach
    @foreach ($bench->examination->waived as $row)
        <div class="finding">Accepted at beat {{ $row['finding']->beat }}: {{ $row['finding']->message }} <em>{{ $row['waiver']->reason }}</em>
            @can('update', $answer)
                <form class="d-inline no-print" method="post" action="{{ route('waivers.destroy', $answer) }}">@csrf @method('delete')
                    <input type="hidden" name="check" value="{{ $row['waiver']->check }}"><input type="hidden" name="beat" value="{{ $row['waiver']->beat }}"><input type="hidden" name="version" value="{{ $answer->version }}">
                    <button class="btn btn-plain btn-sm">No longer</button></form>
            @endcan
        </div>
    @endforeach
@endif
@foreach ($bench->idleWaivers() as $waiver)
    <div class="finding">Accepted: {{ $waiver->check }}@if ($waiver->beat) at beat {{ $waiver->beat }}@endif, {{ $waiver->reason }} <span class="finding-mend">Not found for these bodies.</span></div>
@endforeach
