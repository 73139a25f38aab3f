<?php

declare(strict_types=1);

// The plan of a class.
return [
    'blocks' => [
        'basics' => 'Basics',
        'close' => 'Close',
        'drill' => 'Drill',
        'gather' => 'Gather and safety',
        'pressure' => 'Pressure',
        'teach' => 'Teach',
    ],
    'locked' => 'The blocks that you fixed take :locked of :minutes minutes. Change one of them.',
    'too-short' => ':minutes minutes are too short: these blocks need :least at least. Leave one out.',
];
