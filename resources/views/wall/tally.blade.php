@if ($tally['tally']->cells > 0)
<a class="tally" href="{{ $tally['url'] }}"><strong>{{ $tally['tally']->cells }}</strong>
    <span @class(['tag tag-hole' => $tally['isLow']])>{{ $tally['share'] }}</span>
    @if ($tally['taught'] !== '')<span class="narrow">{{ $tally['taught'] }}</span>@endif
    <span class="narrow">{{ trans_choice('words.holes', $tally['tally']->holes) }}</span></a>
@else<span class="visually-hidden">{{ __('words.none') }}</span><span aria-hidden="true">·</span>
@endif
