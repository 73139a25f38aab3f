{!! __('mail.hello', ['name' => $invitation->name]) !!}

{!! __('mail.invitation.text', ['school' => $school->name, 'role' => $invitation->role->title()]) !!}

{!! $link !!}

{!! __('mail.invitation.days', ['days' => App\Models\Invitation::DAYS]) !!}
