{{-- What to drill next, what fades soon, what one clean try would complete. --}}
<section aria-labelledby="own-next"><h2 id="own-next">{{ __('students.own.next') }}</h2>
    @if ($coming->next === [])<p>{{ __('students.own.nothing') }}</p>@endif
    <ol>@foreach ($coming->next as $row)<li><strong>{{ $row['title'] }}</strong><br><small>{{ $row['why'] }}</small></li>@endforeach</ol>
</section>
<section aria-labelledby="own-nearly"><h2 id="own-nearly">{{ __('students.own.nearly') }}</h2>
    <p>{{ $coming->nearly === [] ? __('students.own.none-nearly') : implode(', ', $coming->nearly) }}</p>
</section>
<section aria-labelledby="own-fading"><h2 id="own-fading">{{ __('students.own.fading') }}</h2>
    @if ($coming->fading === [])<p>{{ __('students.own.none-fading') }}</p>@endif
    <ul>@foreach ($coming->fading as $row)<li>{{ $row['title'] }} <small>{{ $row['day'] }}</small></li>@endforeach</ul>
</section>
