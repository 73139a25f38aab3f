@if ($forecast->people === [])
<p class="lead-line">{{ __('mat.tap-who') }}</p>
@else
<h2>{{ __('mat.at-rung', ['rung' => $forecast->rung->id, 'name' => $forecast->rung->name]) }}</h2>
<p class="lead-line">{{ $forecast->told() }} {{ __('mat.spare-help') }}</p>
<div class="people-outlook">
    @foreach ($forecast->people as $person)
        <div class="slab-dark">
            <h3>{{ $person['student']->name }}</h3>
            <p>{{ $person['drawn'] }} {{ $person['ahead'] }}</p>
            @if ($person['tight'] !== [])
                <details>
                    <summary data-more="{{ __('words.all') }}">{{ __('mat.least-spare', ['attack' => $person['tight'][0]['title'],
                        'seconds' => $person['least']]) }}</summary>
                    <ul>
                        @foreach ($person['tight'] as $one)
                            <li>{{ $one['title'] }}: {{ $one['text'] }} <small>{{ $one['proof'] }}</small></li>
                        @endforeach
                    </ul>
                </details>
            @endif
            @foreach ($person['barred'] as $reason)<x-caution dark>{{ $reason }}</x-caution>@endforeach
        </div>
    @endforeach
</div>
@endif
