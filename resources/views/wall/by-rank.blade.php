{{-- The wall as a list by rank, holes first: what a narrow screen shows instead of the drawing. --}}
<section class="wall-listed" aria-label="{{ __('wall.by-rank') }}">
@foreach ($picture->byRank() as $course)
    <details @if ($loop->last) open @endif><summary><strong>{{ $course['name'] }}</strong>
        @foreach ($course['notes'] as $note)<span class="narrow">{{ $note['text'] }}</span> @endforeach</summary>
        <ul>@foreach ($course['rows'] as $stone)
            <li @class(['is-hole' => $stone->state->isHole()])>
                @if ($stone->label->number)
                    <a class="hole-number" href="#hole-{{ $stone->label->number }}">{{ $stone->label->number }}</a>@endif
                <a href="{{ $stone->label->url }}">{{ $stone->label->title }}</a>
                @if ($stone->state->isHole())<span class="narrow">{{ $stone->state->text() }}</span>@endif</li>
        @endforeach</ul></details>
@endforeach
</section>
