{{-- Of many tries what was read stands for a while. --}}
@if ($readAt !== null)<p role="status">{{ __('evidence.old', ['at' => school_time($readAt, 'j M, H:i')]) }}</p>@endif
