<?php

declare(strict_types=1);

// How findings tell a distance or a side.

return [
    'missing' => ':cm cm too near',
    'to-spare' => ':cm cm to spare',
    'in-front' => 'in front',
    'behind' => 'behind',
    'to-the-side' => ':degrees° to the side',
];
