@foreach ($bricks as $brick)
<g @class(['brick', $brick['state'], 'goal' => $brick['goal']])><title>{{ $brick['text'] }}</title>
    <rect class="rim" x="{{ $brick['x'] }}" y="1" width="19" height="14" rx="2"/>
    @if ($brick['fill'] > 0)<rect class="fill" x="{{ $brick['inner'] }}" y="2" width="{{ $brick['fill'] }}" height="12"/>@endif
    @if ($brick['holds'])<path class="tick" d="{{ $brick['tick'] }}"/>@endif</g>
@endforeach
