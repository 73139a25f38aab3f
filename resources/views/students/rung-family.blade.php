{{-- A family of a ladder: each side of each attack with its bricks. --}}
    <section aria-label="{{ $family['name'] }}">
    <div class="rung-head"><h3>{{ $family['name'] }}</h3>
        <span>{{ __('words.of', ['count' => $family['held'], 'all' => $family['all']]) }}</span>
        <svg class="rung-bricks" viewBox="0 0 {{ $drawing->width }} {{ $drawing->height }}" role="img" aria-label="{{ __('words.rung') }}">
            @foreach ($drawing->rungs as $rung)<text x="{{ $rung['x'] }}" y="13" text-anchor="middle"><title>{{ $rung['text'] }}</title>{{
                $rung['label'] }}</text>@endforeach
        </svg><span class="fades"></span></div>
    <ul>
    @foreach ($family['rows'] as $row)
        <li><a href="{{ route('students.show', ['student' => $student, 'attack' => $attackIds[$row['attack']] ?? null], false)
            }}#timeline">{{ $row['title'] }}</a>
        <svg class="rung-bricks" viewBox="0 0 {{ $drawing->width }} {{ $drawing->height }}" role="img"
            aria-label="{{ $row['state'] }} {{ $row['lower'] }}">
            @include('students.bricks', ['bricks' => $row['bricks']])
        </svg><span class="fades">{{ $row['fadesShort'] }}</span></li>
    @endforeach
    </ul>
    </section>
