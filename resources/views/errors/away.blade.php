{{-- Asks for nothing of the database: that is what is away. --}}
<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>{{ $title ?? __('errors.503.title') }} · {{ config('app.name') }}</title>
@vite(['resources/sass/app.scss'])
</head>
<body class="desk">
<header class="deskbar"><a class="brand" href="/">{{ config('app.name') }}</a></header>
<main id="main"><div class="message-page"><h1>{{ $title ?? __('errors.503.title') }}</h1><p class="lead-line">{{ $text }}</p>
<p class="form-text">{{ __('errors.number', ['id' => Context::get('request')]) }}</p></div></main>
</body>
</html>
