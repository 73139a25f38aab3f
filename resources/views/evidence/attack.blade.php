{{-- How the answers to an attack hold up, as a part of its page. --}}
<p>{{ $counted }}</p>
@include('evidence.old')
@if ($rows->isEmpty())
    <p>{{ __('evidence.none') }}</p>
@else
    <ul>
        @foreach ($rows->records() as $row)
            <li><a href="{{ $row['url'] }}">{{ $row['answer'] }}</a>, {{ $row['where'] }}: {{ __('evidence.holds-up', [
                'share' => $row['share'], 'interval' => $row['interval'], 'tries' => $row['tries']]) }}</li>
        @endforeach
        @foreach (array_filter($rows->sizes(), fn (array $row): bool => $row['told'] !== '') as $row)
            <li><a href="{{ $row['url'] }}">{{ $row['answer'] }}</a>, {{ $row['size'] }}: {{ $row['told'] }}</li>
        @endforeach
    </ul>
    @foreach ($rows->disagree() as $row)<p><strong>{{ $row['answer'] }}, {{ $row['where'] }}:</strong> {{ $row['says'] }}</p>@endforeach
    <p class="form-text">{{ __('evidence.lead') }}</p>
@endif
