@if ($reach->squares !== [])
<h3>{{ __('attacks.reach') }}</h3>
<div class="reach-figure" tabindex="0" role="group" aria-label="{{ __('attacks.reach') }}">
<svg class="reach" viewBox="0 0 {{ $reach->width }} {{ $reach->height }}" width="{{ $reach->width }}" role="img"
    aria-label="{{ __('attacks.reach-label') }}">
@foreach ($reach->columns as $column)<text class="reach-name" transform="{{ $column['transform'] }}">{{ $column['name'] }}</text>
@endforeach
@foreach ($reach->rows as $row)<text class="reach-name" x="0" y="{{ $row['y'] }}">{{ $row['name'] }}</text>
@endforeach
@foreach ($reach->squares as $square)
    <g><title>{{ $square['text'] }}</title>
    <rect x="{{ $square['x'] }}" y="{{ $square['y'] }}" width="{{ $square['size'] }}" height="{{ $square['size'] }}" rx="2"
        fill-opacity="{{ $square['shade'] }}"/>
    <text @class(['reach-cm', 'on-dark' => $square['isDark']]) x="{{ $square['textX'] }}"
        y="{{ $square['textY'] }}">{{ $square['cm'] }}</text></g>
@endforeach
</svg>
</div>
<p class="form-text">{{ __('attacks.reach-note') }} <x-save-drawing of="svg.reach" :name="__('attacks.reach')"/></p>
@endif
