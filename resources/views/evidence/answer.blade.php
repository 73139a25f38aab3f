{{-- How one answer holds up, as a part of its page. --}}
<p>{{ $counted }}</p>
@include('evidence.old')
@if ($rows->isEmpty())
    <p>{{ __('evidence.none') }}</p>
@else
    <ul>
        @foreach ($rows->records() as $row)
            <li><strong>{{ $row['where'] }}:</strong> {{ __('evidence.holds-up', ['share' => $row['share'], 'interval' => $row['interval'],
                'tries' => $row['tries']]) }}
                <small class="d-block">{{ implode(' ', $row['besides']) }}</small></li>
        @endforeach
        @foreach ($rows->sizes() as $row)
            <li><strong>{{ $row['where'] }}, {{ $row['size'] }}:</strong>
                {{ __('evidence.holds-up', ['share' => $row['share'], 'interval' => $row['interval'], 'tries' => $row['tries']]) }}
                {{ $row['told'] }}</li>
        @endforeach
    </ul>
    @foreach ($rows->disagree() as $row)<p><strong>{{ $row['where'] }}:</strong> {{ $row['says'] }}</p>@endforeach
    <p class="form-text">{{ __('evidence.lead') }}</p>
@endif
