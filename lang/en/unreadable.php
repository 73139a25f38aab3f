<?php

declare(strict_types=1);

return [
    'attack' => 'Its {attack} cannot be read. Correct that first.',
    'beats' => 'Beats: :why',
    'expected' => [
        'check' => 'the name of a check',
        'facet' => 'a facet',
        'kind' => 'a kind of the school',
        'list' => 'a list of what belongs there',
        'map' => 'a map of what belongs there',
        'mistake' => 'the number of a beat and the beats done instead',
        'size' => 'one of the sizes',
        'seconds' => 'seconds from 0.1 to 30',
        'stature' => 'a height from 0.8 to 2.4 m',
    ],
    'setting' => 'The setting “:name” cannot be read, so the usual one is used. :why',
    'unknown' => 'It holds a value that this release does not know (:error).',
    'value' => 'Found :found in “:column”, expected :expected.',
];
