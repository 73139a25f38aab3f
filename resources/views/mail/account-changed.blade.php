{!! __('mail.hello', ['name' => $user->name]) !!}

{!! __('mail.account-changed.'.$what) !!}

{!! __('mail.account-changed.not-you') !!}
