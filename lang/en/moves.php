<?php

declare(strict_types=1);

return [
    'closes' => 'Closes :count hole|Closes :count holes',
    'columns' => ['rank' => '{Rank}', 'laid' => 'Works', 'taught' => 'Taught', 'beats' => 'Beats', 'new' => 'New actions', 'choice' => 'Choice'],
    'does' => [
        'mirror' => 'Both sides will be taught.',
        'widen' => 'It will also answer :facet :value. It was tried there with all sizes.',
        'earlier' => 'It will be introduced at :rank.',
        'soften' => 'Strikes that the contact policy does not teach are replaced by the same limb at the nearest height.',
    ],
    'estimates' => 'Estimates. Choice is the bits of choice among the {answers} known for the same cell, on average.',
    'headings' => [
        'mirror' => 'Teach both sides of “:answer”',
        'widen' => 'Use “:answer” here too',
        'earlier' => 'Teach “:answer” earlier',
        'soften' => 'Soften “:answer”',
    ],
    'links' => [
        'drill' => 'drill it with those who do not hold it',
        'mirror' => 'teach both sides of “:answer”',
        'widen' => 'use “:answer” here too',
        'widen-with-findings' => 'use “:answer” here too (:count finding)|use “:answer” here too (:count findings)',
        'earlier' => 'teach “:answer” at :rank',
        'soften' => 'soften “:answer”',
        'mend' => 'mend beat :beat of “:answer”',
        'what-if' => 'add “if not” to beat :beat of “:answer”',
        'write' => 'write {an answer}',
    ],
    'opens' => 'Opens :count hole|Opens :count holes',
    'placement' => [
        'choose' => 'Choose the {rank} at which it should be introduced.',
        'heading' => 'Teach “:answer” at another {rank}',
        'lead' => 'It is introduced at :rank now. Nothing is saved until you press the button below.',
        'loses-short' => 'It would lose its short form, which would then come no earlier than the whole {answer}.',
        'no-change' => 'No stone changes.',
        'save' => 'Teach it at :rank',
        'title' => 'Move to another {rank}',
        'to' => 'Introduce it at',
        'wall' => 'Preview of the wall',
    ],
    'ranks' => 'What the {ranks} would learn',
    'title' => 'Close a hole',
];
