@props(['dark' => false])
<p {{ $attributes->class(['caution', 'text-bg-dark' => $dark]) }}>{{ $slot }}</p>
