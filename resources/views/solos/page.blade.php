<section>
<h2>{{ $page->solo->name }} <small>{{ __('solos.kinds.'.$page->solo->kind->value) }}, {{ $page->solo->rank->name }}</small></h2>
@if ($page->solo->surface !== '')<p>{{ __('solos.surface') }} {{ $page->solo->surface }}</p>@endif
@if ($page->solo->points !== [])<ol>@foreach ($page->solo->points as $point)<li>{{ $point }}</li>@endforeach</ol>@endif
@if ($page->beats !== [])<ol>@foreach ($page->beats as $beat)<li>{{ $beat['text'] }} <em>{{ $beat['note'] }}</em></li>@endforeach</ol>@endif
@if ($page->solo->mistakes !== [])<p>{{ __('solos.mistakes') }}: {{ implode(' · ', $page->solo->mistakes) }}</p>@endif
@if ($page->feet)
    <p><img alt="" width="180" src="data:image/svg+xml;base64,{{ base64_encode(view('solos.feet', ['picture' => $page->feet])) }}"><br>
        {{ ucfirst($page->feet->text()) }}. {{ $page->drawnFor() }}</p>
@endif
@if ($page->path)
    <p><img alt="" width="300" src="data:image/svg+xml;base64,{{ base64_encode(view('solos.path', ['picture' => $page->path])) }}"><br>
        {{ $page->path->text() }} {{ $page->drawnFor() }}</p>
@endif
</section>
