<section aria-labelledby="ready-title">
<h2 id="ready-title">{{ __('students.ready.title', ['rank' => $ready->rank->name]) }}</h2>
<p class="mb-1"><strong>{{ __($ready->isReady() ? 'students.ready.yes' : 'students.ready.no') }}</strong> {{ $ready->text() }}</p>
@if (! $ready->isReady() && $ready->most() !== [])
    <p class="mb-1">{{ __('students.ready.most') }}</p>
    <ul>@foreach ($ready->most() as $one)<li>{{ $one }}</li>@endforeach</ul>
@endif
</section>
