{!! __('mail.hello', ['name' => $user->name]) !!}

{!! __('mail.password-reset.text') !!}

{!! $link !!}

{!! __('mail.password-reset.hour') !!}
