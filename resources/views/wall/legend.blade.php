<div class="legend">
@php($drawn = ['moss' => 'carried', 'hole' => 'hole first', 'cracked' => 'cracked first', 'gap' => 'hole'])
@foreach (['laid', 'carried', 'moss', 'hole', 'cracked', 'gap', 'ahead'] as $stone)
    <span><svg aria-hidden="true">
        <g class="stone {{ $drawn[$stone] ?? $stone }}">
            <rect class="face" x="1" y="1" width="20" height="13" rx="2.5"/>
            @if ($stone === 'moss')<rect class="moss" x="1" y="7" width="20" height="7"/>@endif
            @if ($stone === 'cracked')<path class="crack" d="M11 1 L14 4 L8 8 L14 11 L11 14"/>@endif
            @if ($stone === 'hole')<rect class="hatch" x="1" y="1" width="20" height="13" fill="none"/>@endif
        </g></svg>{{ $stone === 'moss' ? $moss : __('wall.legend.'.$stone) }}</span>
@endforeach
@if ($wall->picture->hasDisputes())<span><strong class="sign">≠</strong>
    <a href="{{ route('evidence') }}#disagree">{{ __('wall.legend.disputed') }}</a></span>@endif
@if ($query->since)
    @foreach ($wall->picture->changeCounts() as $change)<span><strong
        class="sign">{{ $change['sign'] }}</strong> {{ $change['text'] }}</span>@endforeach
    <span><svg aria-hidden="true"><line class="was" x1="1" y1="8" x2="21" y2="8"/></svg>{{ __('wall.legend.moss-then') }}</span>
@endif
</div>
