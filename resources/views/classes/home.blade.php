@if ($home->rows !== [])
    <h2>{{ __('classes.home') }}</h2>
    <ul class="people-lines">@foreach ($home->rows as $row)
        <li><strong><a href="{{ route('home.show', $row['id']) }}">{{ $row['name'] }}</a></strong>: {{ $row['items'] }}</li>@endforeach</ul>
@endif
