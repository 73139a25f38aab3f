{{-- What was wrong with one of several forms of a page. --}}
@props(['bag'])
@if ($errors->{$bag}->any())
<div class="flash flash-error" role="alert">
    <ul>@foreach ($errors->{$bag}->all() as $error)<li>{{ $error }}</li>@endforeach</ul>
</div>
@endif
