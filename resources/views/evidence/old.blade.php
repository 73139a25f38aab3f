{{-- As long as what came since is being read. --}}
@if ($readAt !== null)<p role="status">{{ __('evidence.old', ['at' => school_time($readAt, 'j M, H:i')]) }}</p>@endif
