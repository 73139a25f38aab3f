<section aria-labelledby="footage-title" id="footage">
    <h2 id="footage-title">{{ __('footage.title') }}</h2>
    @include('footage.list', ['list' => $footage])
</section>
