<!doctype html>
<html lang="en">
<head><meta charset="utf-8"><title>{{ __('tests.title', ['rank' => $test->rank->name, 'day' => school_time($test->at, 'j M Y')]) }}</title>
<link rel="stylesheet" type="text/css" href="data:text/css;base64,{{ base64_encode(App\View\Tests\TestPaper::styleOf($test)) }}"></head>
<body>
<h1>{{ __('tests.title', ['rank' => $test->rank->name, 'day' => school_time($test->at, 'D j M Y, H:i')]) }}</h1>
<p>{{ implode(' · ', array_filter([$test->school->name, $test->place])) }} · <x-test-rule :school="$test->school"/></p>
<table>
<tr><th></th>@foreach ($test->candidates as $student)<th>{{ $student->name }}</th>@endforeach</tr>
@foreach ($test->items as $item)
    <tr><td>{{ $loop->iteration }} {{ $item->title() }}@if ($item->attack->critical) <b>{{ __('tests.critical') }}</b>@endif</td>
        @foreach ($test->candidates as $student)<td></td>@endforeach</tr>
@endforeach
@foreach ($test->solos as $solo)
    <tr><td>{{ $solo->name }} ({{ __('solos.kinds.'.$solo->kind->value) }})</td>
        @foreach ($test->candidates as $student)<td></td>@endforeach</tr>
@endforeach
</table>
<p>{{ __('layout.cautions') }}</p>
</body></html>
