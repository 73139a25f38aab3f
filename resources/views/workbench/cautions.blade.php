@foreach ($facts->attack->allCautions() as $caution)<x-caution>{{ $caution }}</x-caution>@endforeach
@if ($facts->notForYouth !== [])<x-caution>{{ __('answers.not-for-youth', ['hazards' => implode(', ',
    $facts->notForYouth)]) }}</x-caution>@endif
@if ($facts->withPads !== [])<x-caution>{{ __('answers.with-pads', ['hazards' => implode(', ', $facts->withPads)]) }}</x-caution>@endif
