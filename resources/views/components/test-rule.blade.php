{{-- When a test of a school is passed. --}}
@props(['school'])
{{ __('tests.rule', ['pass' => $school->test_pass]) }}
