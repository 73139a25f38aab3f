{{-- When a test of a school is passed. --}}
@props(['school'])
{{ __('tests.rule', [
    'pass' => $school->test_pass,
    'showings' => trans_choice('tests.rule-showings', 1 + $school->test_repeats),
]) }}
