@props(['title', 'place' => 'desk'])
<!doctype html>
<html lang="en" @if ($place === 'mat') data-bs-theme="dark" @endif>
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="csrf-token" content="{{ csrf_token() }}">
    <meta name="htmx-config" content='{"includeIndicatorStyles":false,"allowEval":false,"selfRequestsOnly":true,"allowScriptTags":false}'>
    <title>{{ $title }} · Stone Drill</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @vite(['resources/sass/app.scss', 'resources/js/app.js'])
</head>
<body class="{{ $place }}" hx-headers='{"X-CSRF-TOKEN":"{{ csrf_token() }}"}'>
<a class="skip-link" href="#main">Skip to the content</a>
<header class="deskbar">
    <a class="brand" href="/">Stone Drill</a>
    @auth
        <nav class="d-flex flex-wrap" aria-label="Places">
            @if ($place === 'mat')
                <x-place route="wall" key-name="w">Desk</x-place>
            @elsecan('viewAny', App\Models\Attack::class)
                <x-place route="wall" key-name="w">Wall</x-place>
                <x-place route="attacks.index" key-name="a">Attacks</x-place>
                <x-place route="answers.index" key-name="s">Answers</x-place>
                <x-place route="lists.index" key-name="d">Lists</x-place>
                <x-place route="students.index" key-name="p">People</x-place>
            @elseif (auth()->user()->student_id)
                <x-place route="students.show" :parameters="[auth()->user()->student_id]" key-name="l">My ladder</x-place>
            @endif
            @if ($place === 'desk' && auth()->user()->can('viewAny', App\Models\Rank::class))
                <x-place route="school" key-name="c">School</x-place>
            @endif
            @can('create', App\Models\Rep::class)
                <x-place route="mat" key-name="m">Mat</x-place>
                <x-place route="record" key-name="r">Record</x-place>
            @endcan
        </nav>
        <div class="who">
            <span>@if ($place !== 'mat'){{ auth()->user()->name }}, @endif{{ auth()->user()->school->name }}</span>
            <form method="post" action="{{ route('sign-out') }}">@csrf<button>Sign out</button></form>
        </div>
    @endauth
</header>
<main id="main" tabindex="-1">
    @foreach (['said' => '', 'wrong' => 'flash-wrong'] as $key => $class)
        @if (session($key))
            <div class="flash {{ $class }}" role="status">{{ session($key) }}
                @if ($key === 'said' && session('undo'))
                    <form class="d-inline ms-2" method="post" action="{{ route('versions.restore', [session('undo')['answer'], session('undo')['version']]) }}">@csrf<input type="hidden" name="version" value="{{ session('undo')['now'] }}"><button class="btn btn-plain btn-sm">Undo</button></form>
                @endif
                @if (session('correctable'))
                    <a class="ms-2" href="{{ route('reps.correct', session('correctable')) }}">{{ $key === 'said' ? 'Correct it' : 'Correct what was recorded' }}</a>
                @endif
            </div>
        @endif
    @endforeach
    {{ $slot }}
</main>
<footer class="footing">
    Figures here are planning estimates. Tap and stop word before everything; mats, pads, speed by agreement. Force must be needed and in
    proportion: the law of the place and licensed instruction decide, not this program. Not medical or legal advice. <span class="no-print">Press <kbd>?</kbd> for keys.</span>
</footer>
<dialog id="confirmation" aria-labelledby="confirmation-question">
    <form method="dialog">
        <p id="confirmation-question" data-question></p>
        <button class="btn btn-rust" value="yes">Yes, do it</button>
        <button class="btn btn-plain" value="no" autofocus>Keep it</button>
    </form>
</dialog>
<dialog id="shortcuts" aria-labelledby="shortcuts-title">
    <form method="dialog">
        <h2 id="shortcuts-title" class="mt-0">Keys</h2>
        <dl class="facts">
            <dt><kbd>?</kbd></dt><dd>this list</dd>
            <dt><kbd>/</kbd></dt><dd>search, where a screen has one</dd>
            <dt><kbd>w</kbd> <kbd>a</kbd> <kbd>s</kbd> <kbd>p</kbd></dt><dd>wall, attacks, answers, people</dd>
            <dt><kbd>d</kbd> <kbd>c</kbd> <kbd>m</kbd> <kbd>r</kbd></dt><dd>drill lists, school, mat, record</dd>
            <dt><kbd>Space</kbd> <kbd>Esc</kbd> <kbd>u</kbd></dt><dd>in a drill: call, stop word, undo; the first letter of an outcome records it</dd>
            <dt><kbd>t</kbd></dt><dd>on the wall and a ladder: drawing or table</dd>
            <dt><kbd>n</kbd></dt><dd>write a new one, where a screen has that</dd>
            <dt><kbd>←</kbd> <kbd>→</kbd> <kbd>↑</kbd> <kbd>↓</kbd></dt><dd>on the wall: from stone to stone; Enter opens</dd>
            <dt><kbd>Shift</kbd> <kbd>↑</kbd> <kbd>↓</kbd></dt><dd>on a laid stone: see its answer taught at the next rank</dd>
            <dt><kbd>x</kbd> <kbd>l</kbd> <kbd>f</kbd></dt><dd>on the wall: cross-table, load of the ranks, the shortest way</dd>
        </dl>
        <button class="btn btn-plain mt-3" autofocus>Close</button>
    </form>
</dialog>
</body>
</html>
