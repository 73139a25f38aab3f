<!doctype html>
<html lang="en">
<head><meta charset="utf-8"><title>{{ __('solos.sheet', ['school' => $school->name]) }}</title>
<link rel="stylesheet" type="text/css" href="data:text/css;base64,{{ base64_encode(App\View\Home\HomePaper::STYLE) }}"></head>
<body>
<h1>{{ __('solos.sheet', ['school' => $school->name]) }}</h1>
@foreach ($pages as $page)
    @include('solos.page')
@endforeach
<p>{{ __('layout.cautions') }}</p>
</body></html>
