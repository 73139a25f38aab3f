@props(['route', 'parameters' => [], 'keyName' => null])
@php($here = request()->routeIs($route, ...$parameters === [] ? [explode('.', $route)[0].'.*'] : []))
<a class="place" href="{{ route($route, $parameters) }}" data-key="{{ $keyName }}" @if ($here) aria-current="page" @endif>{{ $slot }}</a>
