<?php

declare(strict_types=1);

// The eight directions, clockwise from the front.

return [
    '0' => 'front',
    '1' => 'front right',
    '2' => 'right',
    '3' => 'back right',
    '4' => 'back',
    '5' => 'back left',
    '6' => 'left',
    '7' => 'front left',
    'between' => ':direction (:degrees°)',
    'the' => 'the :direction',
];
