<h2>{{ __('classes.teach') }}</h2>
<p class="lead-line">{{ __('classes.teach-lead') }}</p>
@foreach ($page->groups() as $group)
    <section class="slab mb-2">
        <h3 class="mt-0">{{ $group['ranks'] }}</h3>
        <p class="form-text">{{ $group['names'] }}</p>
        @if ($group['taught'] === [])
            <p>{{ __('classes.teach-none') }}</p>
        @else
            <ol>
                @foreach ($group['taught'] as $taught)
                    <li><a href="{{ $taught['url'] }}">{{ $taught['title'] }}</a> <small>{{ $taught['why'] }}</small></li>
                @endforeach
            </ol>
        @endif
    </section>
@endforeach
@if ($page->basics() !== [])
    <h2>{{ __('classes.basics') }}</h2>
    <p class="lead-line">{{ __('classes.basics-lead') }}</p>
    <p>{{ implode(' · ', $page->basics()) }}</p>
@endif
