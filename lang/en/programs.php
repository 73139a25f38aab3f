<?php

declare(strict_types=1);

// What programs are told.
return [
    'no-rank' => 'There is no rank “:rank”. GET /api/v1/school has the ranks.',
];
