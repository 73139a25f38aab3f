<?php

declare(strict_types=1);

// Mails.
return [
    'account-changed' => [
        'email' => 'The email of your account was changed. This is the last mail to the old one.',
        'not-you' => 'If it was not you, tell your head instructor at once.',
        'password' => 'The password of your account was changed.',
        'subject' => 'Your account at :school was changed',
    ],
    'beginning' => [
        'hours' => 'It works once, for :hours hours. If you did not ask for it, do nothing.',
        'subject' => 'Start :school',
        'taken' => 'somebody wants to start a school with this email, and it has an account already. Sign in with it, or set a new password here:',
        'text' => 'follow this link to start “:school”:',
    ],
    'email-change' => [
        'hour' => 'It works for an hour. If you did not ask for it, do nothing.',
        'subject' => 'Your new email at :school',
        'text' => 'Follow this link, signed in, to use this email from now on:',
    ],
    'hello' => 'Hello :name,',
    'invitation' => [
        'days' => 'The link works once, for :days days.',
        'subject' => 'You are invited to :school',
        'text' => 'you are invited to :school as :role. Follow this link and choose a password:',
    ],
    'password-reset' => [
        'hour' => 'It works for an hour. If you did not ask for it, do nothing: your password stays as it is.',
        'subject' => 'A new password for :school',
        'text' => 'follow this link to set a new password:',
    ],
];
