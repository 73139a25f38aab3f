<?php

declare(strict_types=1);

// What programs are told.
return [
    'not-known' => '“:found” is no :what here. Expected: :expected.',
    'nothing-to-draw' => 'There is nothing to draw for :student: no {attack} that the {rank} needs has {an answer}, or all are left out.',
    'no-rank' => 'There is no rank “:rank”. GET /api/v1/school has the ranks.',
];
