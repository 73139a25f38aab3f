@if ($answer->variantOf)
<p class="mt-2 mb-1">{{ __('answers.variant-of') }} <a href="{{ route('answers.show',
    $answer->variantOf) }}">{{ $answer->variantOf->title }}</a>.</p>
@endif
@if ($answer->variants->isNotEmpty())
<p class="mt-2 mb-1">{{ __('answers.variants') }}:
    @foreach ($answer->variants as $variant)
        <a href="{{ route('answers.show', $variant) }}">{{ $variant->title }}</a>@if (! $loop->last),@endif
    @endforeach</p>
@endif
