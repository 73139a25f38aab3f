<p class="lead-line">{{ __('load.lead') }} {{ $picture->steepText() }}</p>
<div class="scroll-x">
    <svg class="drawing load-drawing" viewBox="0 0 {{ $picture->width }} {{ $picture->height }}" role="img"
        aria-label="{{ __('load.label') }}">
        @include('wall.patterns')
        @foreach ($picture->lines as $line)
            <line class="grid" x1="34" x2="{{ $picture->width }}" y1="{{ $line['y'] }}" y2="{{ $line['y'] }}"/>
            <text class="course-note" x="28" y="{{ $line['line'] }}" text-anchor="end">{{ $line['text'] }}</text>
        @endforeach
        @foreach ($picture->bars as $bar)
            <g><title>{{ $bar['text'] }}</title>
                @foreach ($bar['rects'] as $class => $rect)
                    <rect class="{{ $class }}" x="{{ $bar['x'] }}" y="{{ $rect['y'] }}" width="{{ $picture->bar() }}"
                        height="{{ $rect['height'] }}"/>
                @endforeach
                <text class="figure" x="{{ $bar['middle'] }}" y="{{ $bar['figureLine'] }}"
                    text-anchor="middle">{{ $bar['figure'] }}</text>
                <text class="course-name" x="{{ $bar['middle'] }}" y="{{ $picture->nameLine() }}"
                    text-anchor="middle">{{ $bar['name'] }}</text>
                <text class="course-note" x="{{ $bar['middle'] }}" y="{{ $picture->choiceLine() }}"
                    text-anchor="middle">{{ $bar['choice'] }}</text>
            </g>
        @endforeach
        @if ($picture->limit)
            <line class="limit" x1="34" x2="{{ $picture->width }}" y1="{{ $picture->limit }}" y2="{{ $picture->limit }}"/>
            <text class="course-note" x="{{ $picture->width }}" y="{{ $picture->limitLine() }}"
                text-anchor="end">{{ __('load.too-steep-above') }}</text>
        @endif
    </svg>
</div>
<p class="form-text"><x-save-drawing of="svg.load-drawing" name="load"/></p>
<x-table class="ranks-table" :head="array_values(texts('load.columns'))">
    @foreach ($ranks as $row)
        <tr>
            <th scope="row">{{ $row['name'] }}</th>
            @foreach ($row['figures'] as $figure)<td>{{ $figure }}</td>@endforeach
            <td>@forelse ($row['answers'] as $answer)<span class="answer-of-rank"><a href="{{ route('answers.show', $answer, absolute:
                false) }}">{{ $answer->title }}</a>
                @can('update', $answer)
                    <a class="move-rank" href="{{ route('answers.placement.show', $answer, absolute: false) }}"
                        aria-label="{{ __('load.move',
                        ['answer' => $answer->title]) }}">⇅</a>
                @endcan</span>
            @empty{{ __('words.none') }}@endforelse</td>
            <td>@foreach ($row['basics'] as $kind => $basics)
                <div><span class="narrow">{{ __('load.kinds-of.'.$kind) }}</span>
                    @foreach ($basics as $basic)<a href="{{ route('basic', Str::slug($basic->verb->value), absolute:
                        false) }}">{{ $basic->verb->value }}</a>@if (! $loop->last),@endif @endforeach</div>
            @endforeach</td>
        </tr>
    @endforeach
</x-table>
