<?php

declare(strict_types=1);

// Tokens for programs.
return [
    'abilities' => ['read' => 'read the school', 'record' => 'record reps'],
    'add' => 'Let a program in',
    'columns' => ['name' => 'Program', 'may' => 'May', 'last' => 'Last used', 'revoke' => 'Action'],
    'document' => 'What it can ask for (OpenAPI)',
    'lead' => 'A token lets a program read your school or record in it, in your name, until you revoke it. Changing your password revokes them all.',
    'made' => 'Token for “:name”',
    'make' => 'Make a token',
    'name' => 'What the program is called',
    'none' => 'No program has a token',
    'none-help' => 'Make one below for each program, so that you can revoke them one by one.',
    'once' => 'It is shown only here. Give it to the program now; if it is lost, make another.',
    'revoke' => 'Revoke',
    'revoke-name' => 'Revoke the token of :name',
    'revoke-question' => 'Revoke the token of “:name”? The program is out at once.',
    'revoked' => 'The token is revoked.',
    'title' => 'Programs',
    'use' => 'The program sends it with each request:',
];
