{{-- The rows of a ladder, a family at a time. --}}
<svg class="no-size" aria-hidden="true">@include('wall.patterns')</svg>
@php($address = route('students.show', $student, false))
<div class="rungs">
@foreach ($drawing->families as $family)
    <section aria-label="{{ $family['name'] }}">
    <div class="rung-head"><h3>{{ $family['name'] }}</h3>
        <span>{{ __('words.of', ['count' => $family['held'], 'all' => $family['all']]) }}</span>
        <svg class="rung-bricks" viewBox="0 0 {{ $drawing->width }} {{ $drawing->height }}" role="img" aria-label="{{ __('words.rung') }}">
            @foreach ($drawing->rungs as $rung)<text x="{{ $rung['x'] }}" y="13" text-anchor="middle"><title>{{ $rung['text'] }}</title>{{
                $rung['label'] }}</text>@endforeach
        </svg><span class="fades"></span></div>
    <ul>
    @foreach ($family['rows'] as $row)
        <li><a href="{{ $address }}?attack={{ $attackIds[$row['attack']] }}#timeline">{{ $row['title'] }}</a>
        <svg class="rung-bricks" viewBox="0 0 {{ $drawing->width }} {{ $drawing->height }}" role="img"
            aria-label="{{ $row['state'] }} {{ $row['lower'] }}">
            @if ($row['tries'] > 0)@include('students.bricks', ['bricks' => $row['bricks']])@else
            {!! $untried ??= view('students.bricks', ['bricks' => $row['bricks']])->render() !!}@endif
        </svg><span class="fades">{{ $row['fadesShort'] }}</span></li>
    @endforeach
    </ul>
    </section>
@endforeach
</div>
<div class="legend">
@foreach (['holds' => 15, 'building' => 9, 'failing' => 9, 'faded' => 9, 'goal untried' => 0] as $state => $fill)
    <span><svg aria-hidden="true"><g class="brick {{ $state }}"><rect class="rim" x="1" y="1" width="20" height="13"/><rect
        class="fill" x="2" y="2" width="{{ $fill }}" height="11"/></g></svg>{{ __('students.ladder.legend.'.$state) }}</span>
@endforeach
</div>
