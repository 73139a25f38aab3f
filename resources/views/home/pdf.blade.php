<!doctype html>
<html lang="en">
<head><meta charset="utf-8"><title>{{ __('home.title', ['name' => $student->name]) }}</title>
<link rel="stylesheet" type="text/css" href="data:text/css;base64,{{ base64_encode(App\View\Home\HomePaper::STYLE) }}"></head>
<body>
<h1>{{ __('home.title', ['name' => $student->name]) }}</h1>
<p>{{ $week->title() }}. {{ __('home.lead') }}</p>
@foreach ($week->items as $item)
    <h2>☐☐☐☐☐ {{ $item->answer->title }} · {{ $item->attack->title }} {{ $week->side($item) }}</h2>
    <ol>@foreach ($week->beats($item) as $beat)<li>{{ $beat['text'] }}</li>@endforeach</ol>
    <p>@if ($week->targets($item) !== ''){{ __('home.targets') }} {{ $week->targets($item) }}. @endif
        @if ($week->mistakes($item) !== []){{ __('home.mistakes') }} {{ implode(' · ', $week->mistakes($item)) }}@endif</p>
@endforeach
@foreach ($week->solos as $page)@include('solos.page')@endforeach
<p>{{ __('layout.cautions') }}</p>
</body></html>
