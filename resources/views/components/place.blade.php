{{-- A place to go to; it is marked on the pages of its route and on those below the addresses of `also`. --}}
@props(['route', 'parameters' => [], 'keyName' => null, 'also' => []])
@php($here = request()->routeIs($route, ...$parameters === [] ? [explode('.', $route)[0].'.*'] : [])
    || request()->is($also))
<a class="place" href="{{ route($route, $parameters) }}" data-key="{{ $keyName }}" @if ($here) aria-current="page" @endif>{{ $slot }}</a>
