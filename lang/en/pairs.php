<?php

declare(strict_types=1);

// What is wrong in a model of parameters.

return [
    'values' => '“:name” needs at least one value, and none of them twice.',
    'empty' => 'A forbidden combination names at least one value.',
    'unknown' => 'Found “:word”, expected one of :known.',
];
