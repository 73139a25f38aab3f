{{-- Asks for nothing of the database: that is what is away. --}}
<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title ?? 'Back in a moment' }} · Stone Drill</title>
    @vite(['resources/sass/app.scss'])
</head>
<body class="desk">
<header class="deskbar"><a class="brand" href="/">Stone Drill</a></header>
<main id="main"><div class="message-page"><h1>{{ $title ?? 'Back in a moment' }}</h1><p class="lead-line">{{ $says }}</p></div></main>
</body>
</html>
