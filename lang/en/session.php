<?php

declare(strict_types=1);

return [
    'code' => 'Second factor',
    'code-field' => 'Code',
    'code-lead' => 'Type the code that your authenticator shows, or one of your recovery codes.',
    'email' => 'Email',
    'forgotten' => 'Forgotten your password?',
    'forgotten-lead' => 'Type your email, and a link for a new password is sent to it.',
    'lead' => 'See what your school teaches, what is missing, and what each student can do under pressure.',
    'new-password' => 'New password',
    'new-password-hint' => 'At least :min characters. A few words that you can remember are best.',
    'password' => 'Password',
    'password-set' => 'Your password is changed. Sign in with it.',
    'remember' => 'Stay signed in on this device',
    'reset-gone' => 'This link does not work any more. Ask for a new one.',
    'reset-sent' => 'If this email has an account, a link is on its way to it. Where there is no mail server, the head instructor finds it in the outbox.',
    'send-link' => 'Send the link',
    'sign-in' => 'Sign in',
    'wait' => 'Too many wrong attempts. Try again in :count second.|Too many wrong attempts. Try again in :count seconds.',
    'wrong' => 'Email or password is wrong.',
];
