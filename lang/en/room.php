<?php

declare(strict_types=1);

// What a place leaves free.

return [
    'narrow' => 'narrow: 50 cm to the right and to the left',
    'obstacles' => 'obstacles: 80 cm back',
    'stairs' => 'stairs: 40 cm back',
    'crowd' => 'crowd: 1 m all round',
    'wall' => 'a wall behind',
];
