{{-- What may be wider than its place: a drawing or a table that scrolls sideways. --}}
@props(['label'])
<div {{ $attributes->class('scroll-x') }} tabindex="0" role="region" aria-label="{{ $label }}">{{ $slot }}</div>
