@if ($awards->isNotEmpty())
<h2>{{ __('students.awards.title') }}</h2>
<ul>
    @foreach ($awards as $award)
        <li>{{ __('students.awards.line', ['rank' => $award->rank->name, 'day' => $award->awarded_on->format('j M Y')]) }}
            @if ($award->test)@can('view', $award->test)<a
                href="{{ route('tests.candidate', [$award->test, $student]) }}">{{ __('students.awards.test') }}</a>@else{{
                __('students.awards.test') }}@endcan @endif
            @if ($award->awardedBy){{ __('students.awards.by', ['name' => $award->awardedBy->name]) }}@endif {{ $award->note }}</li>
    @endforeach
</ul>
@endif
