{!! __('mail.hello', ['name' => $person]) !!}

@if ($link === null)
{!! __('mail.beginning.taken') !!}

{!! route('password.request') !!}
@else
{!! __('mail.beginning.text', ['school' => $school]) !!}

{!! $link !!}

{!! __('mail.beginning.hours', ['hours' => App\Auth\PendingSchool::HOURS]) !!}
@endif
