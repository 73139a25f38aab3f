<div class="wall-and-holes" x-data="wall">
    <div>
        <p class="wall-card" x-ref="card" x-text="card" aria-live="polite">Each course is a rank, the lowest at the bottom; each column is an attack, split where its sides differ.
Point at a stone, or walk with the arrow keys; Enter opens it.</p>
        <div class="scroll-x"><svg class="drawing" viewBox="0 0 {{ $picture->width }} {{ $picture->height }}" role="group" aria-label="The curriculum as a wall of stones. The table form has the same facts."
             x-on:pointerover="tell" x-on:focusin="tell" x-on:pointerleave="rest" x-on:keydown="walk">
            @include('wall.patterns')
            @foreach ($picture->courses as $course)
                <text class="course-name" x="0" y="{{ $course['y'] + $course['height'] / 2 }}">{{ $course['name'] }}</text>
                <text class="course-note" x="0" y="{{ $course['y'] + $course['height'] / 2 + 15 }}">{{ $course['note'] }}</text>
            @endforeach
            @foreach ($picture->stones as $stone)
                <a href="{{ $stone->url }}" class="stone {{ $stone->state->value }}" data-stone data-column="{{ $stone->column }}" data-course="{{ $stone->course }}" tabindex="{{ $stone->isFirst() ? 0 : -1 }}" aria-label="{{ $stone->says }}">
                    <rect class="face" x="{{ $stone->x }}" y="{{ $stone->y }}" width="{{ $stone->width }}" height="{{ $stone->height }}" rx="2.5"/>
                    @unless ($stone->state->isLaid())<rect class="hatch" x="{{ $stone->x }}" y="{{ $stone->y }}" width="{{ $stone->width }}" height="{{ $stone->height }}" rx="2.5" fill="none"/>@endunless
                    @if ($stone->proven > 0)<rect class="moss" x="{{ $stone->x }}" y="{{ $stone->mossTop() }}" width="{{ $stone->width }}" height="{{ $stone->mossHeight() }}" rx="2"/>@endif
                </a>
            @endforeach
            @foreach ($picture->stones as $stone)
                @if ($stone->number)<text class="number" x="{{ $stone->middle() }}" y="{{ $stone->numberLine() }}" aria-hidden="true">{{ $stone->number }}</text>@endif
            @endforeach
            @foreach ($picture->families as $family)
                <text class="family-name" x="{{ $family['x'] }}" y="11">{{ $family['name'] }}</text>
            @endforeach
            @foreach ($picture->columns as $column)
                <text class="column-name" transform="translate({{ round($column['x'] + 3.5, 1) }} {{ $picture->foot() + 6 }}) rotate(-90)" text-anchor="end">{{ Str::limit($column['name'], 34, '…') }}</text>
            @endforeach
        </svg></div>
        <div class="legend">
            <span><svg aria-hidden="true"><g class="stone laid"><rect class="face" x="1" y="1" width="20" height="13" rx="2.5"/></g></svg>first answered here</span>
            <span><svg aria-hidden="true"><g class="stone carried"><rect class="face" x="1" y="1" width="20" height="13" rx="2.5"/></g></svg>carried up</span>
            <span><svg aria-hidden="true"><g class="stone carried"><rect class="face" x="1" y="1" width="20" height="13" rx="2.5"/><rect class="moss" x="1" y="7" width="20" height="7"/></g></svg>moss: share of the rank that holds it at its goal rung</span>
            <span><svg aria-hidden="true"><g class="stone hole first"><rect class="face" x="1" y="1" width="20" height="13" rx="2.5"/><rect class="hatch" x="1" y="1" width="20" height="13" fill="none"/></g></svg>hole: needed and missing; its number leads to the list</span>
            <span><svg aria-hidden="true"><g class="stone ahead"><rect class="face" x="1" y="1" width="20" height="13" rx="2.5"/></g></svg>not needed yet</span>
        </div>
    </div>
    @include('wall.holes')
</div>
