<?php

declare(strict_types=1);

// Outcomes and proof.

return [
    'outcomes' => [
        'clean' => 'got out untouched',
        'scraped' => 'got out, but was touched on arm or body',
        'recovered' => 'froze or failed, made space and went on',
        'late' => 'too late to matter',
        'hit' => 'was hit, or stayed held',
        'froze' => 'did nothing',
        'stopped' => 'stopped for safety; not counted',
    ],
];
