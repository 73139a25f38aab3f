@props(['href' => null, 'kind' => 'plain', 'size' => null])
@php($classes = 'btn btn-'.$kind.($size ? ' btn-'.$size : ''))
@if ($href === null)
<button {{ $attributes->class($classes) }}>{{ $slot }}</button>
@else
<a href="{{ $href }}" {{ $attributes->class($classes) }}>{{ $slot }}</a>
@endif
