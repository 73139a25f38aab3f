<?php

declare(strict_types=1);

// What was done in a school, by whom.
return [
    'columns' => ['at' => 'When', 'who' => 'Who', 'what' => 'What', 'changes' => 'Before → after', 'from' => 'From'],
    'events' => [
        'attendance' => 'Who came to “:name” marked',
        'calendar' => 'Address of the calendar of “:name” made',
        'calendar-gone' => 'Address of the calendar of “:name” ended',
        'created' => ':thing “:name” added',
        'deleted' => ':thing “:name” deleted',
        'erased' => ':thing erased',
        'failed' => 'Sign-in of “:name” failed',
        'imported' => 'File imported into “:name”',
        'locked' => 'Sign-in of “:name” held back after wrong tries',
        'password' => 'Password of “:name” changed',
        'paired' => ':thing “:name” paired',
        'pin' => 'PIN of “:name” changed',
        'reset-sent' => 'Link for a new password sent to “:name”',
        'signed-in' => '“:name” signed in',
        'signed-out' => '“:name” signed out',
        'token' => 'Token for a program made by “:name”',
        'token-gone' => 'Token for a program revoked by “:name”',
        'unlocked' => 'Recording begun on the tablet “:name”',
        'updated' => ':thing “:name” changed',
    ],
    'export' => 'Export as CSV',
    'lead' => 'Who did what, when, from where, and what was before and after. Reps are told with the student.',
    'no' => 'no',
    'none' => 'Nothing has been done yet',
    'things' => [
        'answer' => '{Answer}',
        'attack' => '{Attack}',
        'drill-list' => 'List',
        'invitation' => 'Invitation',
        'kind' => 'Kind of {attack}',
        'rank' => '{Rank}',
        'rung' => '{Rung}',
        'school' => 'School',
        'student' => 'Student',
        'tablet' => 'Bench tablet',
        'training-class' => 'Class',
        'user' => 'Account',
    ],
    'title' => 'Log',
];
