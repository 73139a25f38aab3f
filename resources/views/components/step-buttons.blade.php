@props(['step'])
<p class="step-buttons">
    @if ($step->previous())<x-button :href="$step->previous()->url()">{{ __('words.back') }}</x-button>@endif
    <x-button kind="rust">{{ __('beginning.next') }}</x-button>
</p>
