@php($ink = $picture->palette)
<svg class="score-drawing" viewBox="0 0 {{ App\View\Attacks\WhenPicture::WIDTH }} {{ $picture->height }}" role="img"
    aria-label="{{ __('attacks.when.label') }}" xmlns="http://www.w3.org/2000/svg" font-family="'Archivo Variable', Archivo, sans-serif">
<rect width="100%" height="100%" fill="{{ $ink->ground() }}"/>
@foreach ($picture->marks as $mark)
    <path d="M{{ $mark['x'] }} 16V{{ $picture->height }}" stroke="{{ $ink->faint() }}" stroke-width="0.5"/>
    <text x="{{ $mark['x'] }}" y="11" font-size="8.5" text-anchor="middle" fill="{{ $ink->text() }}">{{ $mark['label'] }}</text>
@endforeach
@if ($picture->arrival)
    <path d="M{{ $picture->arrival }} 16V{{ $picture->height }}" stroke="{{ $ink->attacker() }}" stroke-width="2"/>
    <text x="{{ $picture->arrival }}" dx="4" y="26" font-size="9" fill="{{ $ink->attacker() }}">{{ $picture->arrives }}</text>
@endif
@foreach ($picture->rows as $row)
    @php($fill = $row['works'] ? $ink->reached() : 'none')
    <g><title>{{ $row['text'] }}</title>
    <text x="12" y="{{ $row['y'] }}" dy="4" font-size="10.5" fill="{{ $ink->text() }}">{{ $row['title'] }}</text>
    <path d="M{{ $row['told'] }} {{ $row['y'] }}m0 8H{{ $row['end'] }}v5H{{ $row['told'] }}z" fill="none" stroke="{{ $ink->reached() }}"
        @unless ($row['works']) stroke-dasharray="3 2" @endunless/>
    <path d="M{{ $row['needs'] }} {{ $row['y'] }}m0 8H{{ $row['end'] }}v13H{{ $row['needs'] }}z" fill="{{ $fill }}"
        stroke="{{ $ink->reached() }}" @unless ($row['works']) stroke-dasharray="3 2" @endunless/>
    @if ($row['distance'])<path d="M{{ $row['distance'] }} {{ $row['y'] }}m0 8H{{ $row['from'] }}v13H{{ $row['distance'] }}z"
        fill="{{ $fill }}" stroke="{{ $ink->reached() }}" @unless ($row['works']) stroke-dasharray="3 2" @endunless/>@endif</g>
@endforeach
</svg>
