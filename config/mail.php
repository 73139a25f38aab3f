<?php

return [
    // `outbox` shows the head of a school every mail instead of sending it: the stand-in where there is no mail server.
    'default' => env('MAIL_MAILER', 'outbox'),
    'mailers' => [
        'outbox' => ['transport' => 'outbox'],
    ],
];
