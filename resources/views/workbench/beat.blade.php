<p class="beat-line"><strong>{{ $beat->frame->number === '0' ? 'Start' : 'Beat '.$beat->frame->number }}</strong> @if ($beat->condition() !== '')<em>{{ $beat->condition() }}:</em> @endif @if ($beat->frame->number !== '0')<span class="beats-words">{{ $beat->text }}</span> <span class="narrow">· {{ number_format($beat->frame->time, 2) }} s</span>@endif</p>
<p class="beat-facts">{{ ucfirst($beat->place()) }}. He reaches: {{ $beat->threats() }}.@if ($beat->frame->isHeld) Held: {{ implode(', ', $beat->frame->holds()) }}.@endif @if ($beat->frame->faceSeconds >= 0.05)He faces you in {{ number_format($beat->frame->faceSeconds, 1) }} s.@endif {{ $beat->delivery() }}</p>
@if ($beat->strikes() !== [])<p class="beat-facts"><strong>{{ implode(' · ', $beat->strikes()) }}</strong></p>@endif
@foreach ($beat->robust as $shortfall)
    <p class="beat-facts robust {{ $shortfall->isBackedUp ? '' : 'is-open' }}">@if ($shortfall->failsAt === null)Without “{{ \Illuminate\Support\Str::after($shortfall->without, ' ') }}” it goes on just the same.
        @else Without “{{ \Illuminate\Support\Str::after($shortfall->without, ' ') }}” beat {{ $shortfall->failsAt }} fails{{ $shortfall->isBackedUp ? ', and a what-if is ready' : '' }}: {{ $shortfall->because }}@endif</p>
@endforeach
@foreach ($beat->findings as $row)
    <div class="finding finding-{{ $row['finding']->severity->value }}">
        <span class="finding-kind">{{ $row['finding']->severity->value }}</span> {{ $row['finding']->message }} <span class="finding-mend">{{ $row['finding']->mend }}</span>
        @if ($row['remedy'])<button type="button" class="btn btn-plain btn-sm" data-mended="{{ $row['text'] }}" x-on:click="mend">{{ $row['remedy']->words }}</button>@endif
    </div>
@endforeach
