@props(['title'])
<!doctype html>
<html lang="en">
<head><meta charset="utf-8"><title>{{ $title }}</title>
<link rel="stylesheet" type="text/css" href="data:text/css;base64,{{
    base64_encode(file_get_contents(resource_path('views/components/paper.css'))) }}"></head>
<body>
<h1>{{ $title }}</h1>
{{ $slot }}
<p>{{ __('layout.cautions') }}</p>
</body></html>
