@props(['change'])
<div class="flash" role="status">
    <p class="mb-1"><strong>{{ __('settings.preview.title') }}</strong></p>
    @if ($change->isNothing)
        <p>{{ __('settings.preview.nothing') }}</p>
    @else
        <p class="mb-1">{{ $change->works }} {{ $change->holes }} {{ implode(' ', $change->more) }}</p>
        @if ($change->lost !== [])<p class="mb-1">{{ __('settings.preview.lost', ['attacks' => implode(' · ', $change->lost)]) }}</p>@endif
        @if ($change->gained !== [])<p>{{ __('settings.preview.gained', ['attacks' => implode(' · ', $change->gained)]) }}</p>@endif
    @endif
</div>
