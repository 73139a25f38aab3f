{{-- The rose, on its page or alone in a file. --}}
<svg class="rose-drawing" viewBox="-230 -230 460 460" role="{{ $isLive ? 'group' : 'img' }}"
    aria-label="{{ __('rose.title') }}" xmlns="http://www.w3.org/2000/svg"
    font-family="'Archivo Variable', Archivo, sans-serif" color="#23292c">
<circle r="9" fill="currentColor"/><path d="M-5 -13L0 -22L5 -13" fill="none" stroke="currentColor" stroke-width="2"/>
@foreach ($picture->sectors as $sector)
    @if ($sector['isBlank'])
        <path d="{{ $sector['path'] }}" class="rose-blank"/>
    @else
        @if ($isLive)<a href="{{ $sector['url'] }}">@else<g>@endif<title>{{ $sector['text'] }}</title>
            <path d="{{ $sector['path'] }}" class="rose-ground"/>
            @if ($sector['fill'])<path d="{{ $sector['fill'] }}" class="rose-fill"/>@endif
            @if ($sector['crack'])<path d="{{ $sector['crack'] }}" class="rose-crack"/>@endif
        @if ($isLive)</a>@else</g>@endif
    @endif
@endforeach
@foreach ($picture->hours as $hour)<text x="{{ $hour['x'] }}" y="{{ $hour['y'] }}" font-size="12" text-anchor="middle"
    fill="currentColor">{{ $hour['label'] }}</text>@endforeach
@foreach ($picture->rings as $ring)<text x="0" y="{{ $ring['y'] }}" font-size="8" text-anchor="middle"
    class="rose-name">{{ $ring['label'] }}</text>@endforeach
</svg>
