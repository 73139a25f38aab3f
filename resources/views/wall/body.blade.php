@if ($wall->cells === [])
    <div class="first-thing">No attack has all of that. <a href="{{ route('wall', absolute: false) }}">Show the whole wall</a></div>
@elseif ($query->asTable)
    @include('wall.table')
@else
    @include('wall.drawing')
@endif
