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
    'outcome-names' => [
        'clean' => 'clean',
        'scraped' => 'scraped',
        'recovered' => 'recovered',
        'late' => 'late',
        'hit' => 'hit',
        'froze' => 'froze',
        'stopped' => 'stopped',
    ],
    'states' => [
        'untried' => 'untried',
        'holds' => 'holds',
        'failing' => 'failing',
        'faded' => 'faded',
        'building' => 'building',
    ],
    'line' => ':state at {rung} :rung, lower bound :lower of :count try|:state at {rung} :rung, lower bound :lower of :count tries',
    'short' => ':state, :lower of :count try|:state, :lower of :count tries',
    'fades' => ', fades on :day',
    'untried-at' => 'untried at {rung} :rung',
];
