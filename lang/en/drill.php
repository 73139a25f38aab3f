<?php

declare(strict_types=1);

// Why an attack is left out of a drill.

return [
    'left-out' => '“:attack” is left out for :student: :hazards.',
    'by-flag' => ':hazard (flag :flag)',
    'levels' => [
        'stop-short' => 'Throw and stop short: :hazards.',
        'pads' => 'Only with pads: :hazards.',
    ],
    'by-policy' => ':hazard (contact policy)',
    'more-left-out' => ':count more {attack} is left out for :student.|:count more {attacks} are left out for :student.',
];
