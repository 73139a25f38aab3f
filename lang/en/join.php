<?php

declare(strict_types=1);

// Coming to a school by an invitation.
return [
    'as' => 'You are invited as :role. Choose a password, and you are in.',
    'code' => 'Code on the card',
    'go-on' => 'Continue',
    'gone' => 'This invitation does not work',
    'gone-text' => 'It has been used, withdrawn, or has expired. Ask your school for a new one, or sign in if you have an account.',
    'have-code' => 'Join with a code',
    'lead' => 'Type the code that your school gave you. Spaces and capitals do not matter.',
    'make' => 'Create account',
    'name' => 'Your name',
    'no-such-code' => 'This code does not work. Check each letter, or ask your school for a new one.',
    'sign-in-with' => 'You sign in with :email.',
    'title' => 'Join a school',
    'to' => 'Join :school',
    'welcome' => 'Welcome to :school.',
];
