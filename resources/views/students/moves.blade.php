{{-- Where a student is ready for more, and where a rung lower would help. --}}
<span id="moves"></span>
@foreach (array_filter(['up' => $moves->up, 'down' => $moves->down]) as $way => $rows)
<section aria-labelledby="moves-{{ $way }}"><h2 id="moves-{{ $way }}">{{ __('students.moves.'.$way) }}</h2>
    <ul>@foreach ($rows as $row)<li>{{ $row['title'] }} <small>{{ $row['text'] }}</small></li>@endforeach</ul>
</section>
@endforeach
