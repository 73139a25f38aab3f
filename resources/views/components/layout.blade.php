@props(['title', 'place' => 'desk'])
<!doctype html>
<html lang="en" @if ($place === 'mat') data-bs-theme="dark" @endif>
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta name="csrf-token" content="{{ csrf_token() }}">
<meta name="htmx-config" content='{"includeIndicatorStyles":false,"allowEval":false,"selfRequestsOnly":true,"allowScriptTags":false}'>
<title>{{ $title }} · {{ config('app.name') }}</title>
<link rel="icon" href="/favicon.svg" type="image/svg+xml">
@vite(['resources/sass/app.scss', 'resources/js/app.js'])
</head>
<body class="{{ $place }}" hx-headers='{"X-CSRF-TOKEN":"{{ csrf_token() }}"}'>
<a class="skip-link" href="#main">{{ __('layout.skip') }}</a>
<header class="deskbar">
<a class="brand" href="/">{{ config('app.name') }}</a>
@auth
    <x-places :place="$place"/>
    <div class="who">
        <span>@tablet
        @elseif ($place !== 'mat')
            <a class="own-name" href="{{ route('account') }}">{{ auth()->user()->nameInHead() }}</a>@endtablet<span
                class="own-school">{{ auth()->user()->school->name }}</span></span>
        <form method="post" action="{{ route('sign-out') }}">@csrf
            <button>@tablet{{ __('tablets.other') }}@else{{ __('layout.sign-out') }}@endtablet</button></form>
    </div>
@endauth
</header>
<main id="main" tabindex="-1">
<x-flash kind="status"/>
<x-flash kind="error"/>
{{ $slot }}
</main>
<footer class="footing">{{ __('layout.cautions') }} <span
    class="no-print">{{ __('layout.press') }} <kbd>?</kbd> {{ __('layout.for-keys') }}</span></footer>
<x-dialogs/>
<script type="application/json" id="texts">@json(__('js'))</script>
</body>
</html>
