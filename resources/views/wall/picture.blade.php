@php($isLive = isset($query))
<svg xmlns="http://www.w3.org/2000/svg" @class(['drawing', 'dense' => ! $picture->isNamed])
    viewBox="0 0 {{ $picture->width }} {{ $picture->height }}"
role="{{ $isLive ? 'group' : 'img' }}" aria-label="{{ __($isLive ? 'wall.picture.live' : 'wall.picture.still') }}"
@if ($isLive)
    x-on:pointerover="tell" x-on:focusin="tell" x-on:pointerleave="rest" x-on:keydown="walk"
    @can('create', App\Models\Answer::class)
        x-on:pointerdown="lift" x-on:pointermove="carry" x-on:pointerup="drop" x-on:pointercancel="putBack" x-on:dragstart="stay"
            x-on:click.capture="swallow"
    @endcan
@endif>
@include('wall.patterns')
@foreach ($picture->courses as $course)
    @if ($isLive)
        <rect class="course" data-rank="{{ $course['id'] }}" data-name="{{ $course['name'] }}" x="0" y="{{ $course['y'] }}"
            width="{{ $picture->width }}" height="{{ $course['height'] }}"/>
    @endif
    <text class="course-name" x="0" y="{{ $course['line'] }}">{{ $course['name'] }}</text>
    @foreach ($course['notes'] as $note)<text class="course-note" x="0" y="{{ $note['y'] }}">{{ $note['text'] }}</text>@endforeach
@endforeach
@foreach ($picture->stones as $stone)
    @if ($isLive)
        <a href="{{ $stone->label->url }}" class="{{ $stone->classes() }}" data-stone data-column="{{ $stone->place->column }}"
            data-course="{{ $stone->place->course }}"
            @if ($stone->answer && ! $query->isYouth) data-move="{{ route('answers.placement.show', $answers[$stone->answer],
                absolute: false) }}" @endif
            tabindex="{{ $stone->isFirst() ? 0 : -1 }}" aria-label="{{ $stone->label->text }}">
    @else
        <g class="{{ $stone->classes() }}"><title>{{ $stone->label->text }}</title>
    @endif
    <rect class="face" x="{{ $stone->place->x }}" y="{{ $stone->place->y }}" width="{{ $stone->place->width }}"
        height="{{ $stone->place->height }}" rx="2.5"/>
    @if ($stone->state->isCracked() && $stone->state->begins())<path class="crack" d="{{ $stone->crack() }}"/>@endif
    @if ($stone->state === App\View\Wall\StoneState::HoleBegins)
        <rect class="hatch" x="{{ $stone->place->x }}" y="{{ $stone->place->y }}" width="{{ $stone->place->width }}"
            height="{{ $stone->place->height }}" rx="2.5" fill="none"/>
    @endif
    @foreach ($stone->moss() as $moss)
        <rect class="moss" x="{{ $stone->place->x }}" y="{{ $moss['y'] }}" width="{{ $stone->place->width }}"
            height="{{ $moss['height'] }}" rx="2"/>
    @endforeach
    @foreach ($stone->lines() as $line)
        <line class="{{ $line['class'] }}" x1="{{ $stone->place->x }}" x2="{{ $stone->right() }}" y1="{{ $line['y'] }}"
            y2="{{ $line['y'] }}"/>
    @endforeach
    @if ($isLive)</a>@else</g>@endif
@endforeach
@foreach ($picture->stones as $stone)
    @if ($stone->showsNumber())<text @class(['number', 'on-crack' => $stone->state->isCracked()]) x="{{ $stone->middle() }}"
        y="{{ $stone->numberLine() }}" aria-hidden="true">{{ $stone->label->number }}</text>@endif
    @if ($stone->isDisputed)<text class="sign dispute" x="{{ $stone->middle() }}"
        y="{{ $stone->foot() }}" aria-hidden="true">≠</text>@endif
    @if ($stone->change)<text class="sign" x="{{ $stone->middle() }}" y="{{ $stone->centre() }}"
        aria-hidden="true">{{ $stone->change->sign() }}</text>@endif
@endforeach
@foreach ($picture->families as $family)
    @if ($isLive)
        <a class="family" href="{{ $query->familyUrl($family['id']) }}" aria-label="{{ $query->familyLabel($family) }}"><text
            class="family-name" x="{{ $family['x'] }}" y="11">{{ $family['name'] }}</text></a>
    @else
        {{-- Where the drawing stands alone its letters may be wide ones: they stay over their own family. --}}
        <text class="family-name" x="{{ $family['x'] }}" y="11"
            @if ($family['squeezed']) textLength="{{ $family['squeezed'] }}" lengthAdjust="spacingAndGlyphs"
                @endif>{{ $family['name'] }}</text>
    @endif
@endforeach
@foreach ($picture->families as $family)
    @if ($family['share'])<text class="course-note" x="{{ $family['x'] }}" y="{{ $picture->foot() }}" dy="13">{{
        $family['share'] }}</text>@endif
@endforeach
@foreach ($picture->columns as $column)
    <text class="column-name" transform="{{ $column['transform'] }}" text-anchor="end">{{ $column['name'] }}</text>
@endforeach
</svg>
