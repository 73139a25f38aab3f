{!! __('mail.hello', ['name' => $user->name]) !!}

{!! __('mail.email-change.text') !!}

{!! $link !!}

{!! __('mail.email-change.hour') !!}
