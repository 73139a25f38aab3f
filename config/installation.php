<?php

return [
    // Who may start a school of their own here: `open` for everybody, `invited` for who has a link from `php artisan school:invite`,
    // `off` for nobody; `php artisan school:create` works always.
    'beginning' => env('SCHOOL_BEGINNING', 'invited'),
];
