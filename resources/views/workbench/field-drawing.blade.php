{{-- The floor as a field, on its page or alone in a file. --}}
@php($ink = $picture->palette)
<svg class="field-drawing" viewBox="{{ $picture->left }} {{ $picture->top }} {{ $picture->size }} {{ $picture->size }}" role="img"
    aria-label="{{ $label }}" xmlns="http://www.w3.org/2000/svg" font-family="'Archivo Variable', Archivo, sans-serif">
<defs>
    <pattern id="hit" width="5" height="5" patternUnits="userSpaceOnUse"><rect width="5" height="5" fill="{{ $ink->attacker() }}"/>
        <path d="M0 5L5 0" stroke="{{ $ink->ground() }}" stroke-width="1.4"/></pattern>
    @foreach (['reach-3' => 0.6, 'reach-2' => 0.4, 'reach-1' => 0.22] as $name => $opacity)
        <pattern id="{{ $name }}" width="5" height="5" patternUnits="userSpaceOnUse"><rect width="5" height="5"
            fill="{{ $ink->attacker() }}" fill-opacity="{{ $opacity }}"/></pattern>
    @endforeach
</defs>
<rect x="{{ $picture->left }}" y="{{ $picture->top }}" width="{{ $picture->size }}" height="{{ $picture->size }}"
    fill="{{ $ink->ground() }}"/>
@foreach ($picture->areas as $name => $path)
    @if ($name !== 'free')<path d="{{ $path }}" fill="url(#{{ $name }})"/>@endif
@endforeach
@foreach ($picture->contours as $line)
    <path d="{{ $line['path'] }}" fill="none" stroke="{{ $ink->text() }}" stroke-width="{{ $line['isNone'] ? 1.6 : 0.5 }}"/>
    <text x="{{ $line['x'] }}" y="{{ $line['y'] }}" font-size="6" fill="{{ $ink->text() }}" stroke="{{ $ink->ground() }}" stroke-width="2"
        paint-order="stroke">{{ $line['label'] }}</text>
@endforeach
<path d="{{ $picture->strikes }}" fill="none" stroke="{{ $ink->reached() }}" stroke-width="1.8" stroke-dasharray="4 2"/>
@include('workbench.body', ['figure' => $picture->attacker, 'colour' => $ink->attacker(), 'dash' => '4 2',
    'named' => $picture->names['attacker']])
@include('workbench.body', ['figure' => $picture->defender, 'colour' => $ink->defender(), 'dash' => null,
    'named' => $picture->names['defender']])
@if ($picture->step['range'] !== '')<path d="{{ $picture->step['range'] }}" stroke="{{ $ink->defender() }}" stroke-width="6"
    stroke-opacity="0.3" stroke-linecap="round"/>@endif
@if ($picture->step['way'] !== '')<path d="{{ $picture->step['way'] }}" stroke="{{ $ink->defender() }}" stroke-width="2"/>@endif
@foreach ($picture->best as $mark)
    <circle cx="{{ $mark['x'] }}" cy="{{ $mark['y'] }}" r="4" fill="{{ $ink->reached() }}" stroke="{{ $ink->ground() }}"/>
    <text x="{{ $mark['x'] }}" y="{{ $mark['y'] }}" font-size="7" text-anchor="middle" dy="2.5"
        fill="{{ $ink->ground() }}">{{ $loop->iteration }}</text>
@endforeach
</svg>
