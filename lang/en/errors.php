<?php

declare(strict_types=1);

// Pages that stand for one that cannot be shown.
return [
    '400' => ['title' => 'Request not understood', 'text' => 'The address or what was sent with it cannot be read. Go back and try again.'],
    '401' => ['title' => 'Sign in first', 'text' => 'You are not signed in.'],
    '403' => ['title' => 'You may not open this page', 'text' => 'Your role does not allow it. Ask the head instructor of your school.'],
    '404' => ['title' => 'Page not found', 'text' => 'The address is wrong, or what was there has been deleted.'],
    '405' => ['title' => 'This address shows no page', 'text' => 'It only takes what a page sends. Open the page itself, or go back.'],
    '409' => ['title' => 'This cannot be read', 'text' => 'The entry holds a value that cannot be read. Its own page says what is wrong.'],
    '413' => ['title' => 'This is too much at once'],
    '419' => ['title' => 'This page is too old', 'text' => 'It was open for so long that it cannot be sent any more. Go back, reload it, and send it again.'],
    '422' => ['title' => 'Not saved', 'text' => 'Something in it cannot be stored. Go back and correct it.'],
    '429' => ['title' => 'Too many requests', 'text' => 'Wait a minute, then try again.'],
    '500' => ['title' => 'Something went wrong', 'text' => 'The mistake is ours, and it is in the log. What was saved before is safe. Go back and try again.'],
    '503' => ['title' => 'Not available now', 'text' => 'The application is being updated. Try again in a minute.'],
    'database-away' => 'The database does not answer. It is being started again. Try again in a few seconds.',
    'no-database' => 'The database does not answer.',
    'memory' => 'This takes more memory than a request may have (:limit). Ask for less: filter by family or {rank}, or split the file.',
    'number' => 'Whoever looks after this installation finds it in the log as :id.',
    'refused-by-database' => 'A value is too long or too large to be stored. Nothing was changed. Go back, where your text is still there, and shorten or correct it.',
    'share' => 'Your school asks for more at once than its share of this server. This page is asked for again in a moment.',
    'share-sent' => 'Your school asks for more at once than its share of this server. Nothing was changed. Go back and send it again in a moment.',
    'time' => 'This takes longer than a request may (:limit). Ask for less: filter by family or {rank}, or split the file.',
];
