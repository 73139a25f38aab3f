<?php

declare(strict_types=1);

return [
    'email' => 'Email',
    'lead' => 'See what your school teaches, what is missing, and what each student can do under pressure.',
    'new-password-hint' => 'At least :min characters. A few words that you can remember are best.',
    'password' => 'Password',
    'remember' => 'Stay signed in on this device',
    'sign-in' => 'Sign in',
    'wait' => 'Too many wrong attempts. Try again in :count second.|Too many wrong attempts. Try again in :count seconds.',
    'wrong' => 'Email or password is wrong.',
];
