<!doctype html>
<html lang="en">
<head><meta charset="utf-8"><title>{{ __('tests.certificate') }}</title>
<link rel="stylesheet" type="text/css" href="data:text/css;base64,{{ base64_encode(
    App\View\Tests\TestPaper::certificate($student->name, $test->rank->name)) }}"></head>
<body>
<p>{{ $test->school->name }}</p>
<h1>{{ $student->name }}</h1>
<p>{{ __('tests.certificate-is', ['name' => $student->name]) }}</p>
<p class="rank">{{ $test->rank->name }}</p>
<p>{{ __('tests.certificate-of', ['school' => $test->place ?: $test->school->name, 'day' => school_time($test->at, 'j F Y')]) }}</p>
<p class="sign">{{ __('tests.certificate-signed') }}</p>
</body></html>
