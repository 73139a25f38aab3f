{{-- What somebody newly holds at the end of a week, or holds no more. --}}
@foreach ($turns as $name => $what)
<li>{{ $name }}: {{ $what }}</li>
@endforeach
