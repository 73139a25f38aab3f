@props(['mail'])
<pre class="slab mail-text">@foreach ($mail->parts() as [$part, $isLink])
@if ($isLink)<a href="{{ $part }}">{{ $part }}</a>@else{{ $part }}@endif
@endforeach</pre>
