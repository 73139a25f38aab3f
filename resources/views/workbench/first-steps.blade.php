@if ($steps === null)
    <p class="mb-1">“{{ $wanted }}” is no strike that can be read. Write one such as <code>right palm chin</code>.</p>
@elseif ($steps === [])
    <p class="mb-1">With no first step does {{ $wanted }} still reach. Try a longer weapon or another target.</p>
@else
    <p class="mb-1"><strong>Best first steps</strong>, with {{ $wanted }} still reaching. Estimates.</p>
    <ol class="first-steps">
        @foreach ($steps as $row)
            <li><button type="button" class="btn btn-plain btn-sm" data-first="{{ $row['text'] }}" x-on:click="takeStep">{{ $row['text'] }}</button>
                {{ $row['step']->threat === null ? 'nothing of his is turned that way' : ($row['step']->threat >= 0 ? sprintf('he still reaches, %+d cm', round($row['step']->threat * 100)) : sprintf('he is %d cm short', round(-$row['step']->threat * 100))) }};
                strike {{ $row['step']->strike === null ? 'at a limb' : sprintf('%+d cm', round($row['step']->strike * 100)) }}{{ $row['step']->isHit ? '; the attack lands all the same' : '' }}</li>
        @endforeach
    </ol>
@endif
