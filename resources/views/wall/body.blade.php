@if ($wall->cells === [])
<x-empty :text="__('wall.no-match')"><a href="{{ route('wall', absolute: false) }}">{{ __('wall.show-whole') }}</a></x-empty>
@elseif ($query->asTable)
@include('wall.table')
@else
@include('wall.drawing')
@endif
