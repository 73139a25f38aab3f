<?php

declare(strict_types=1);

// What is worked on beside the pages.
return [
    'at-work' => 'at work',
    'columns' => [
        'open' => ['what' => 'What', 'state' => 'State', 'since' => 'Since'],
        'failed' => ['what' => 'What', 'when' => 'When', 'why' => 'What went wrong', 'mend' => ''],
    ],
    'failed' => 'Failed',
    'forget' => 'Give up',
    'forget-name' => 'Give up: :name',
    'forget-question' => 'Give this job up? It goes from this list; nothing else changes.',
    'forgotten' => 'Given up.',
    'lead' => 'Files are read, PDFs made and proof worked out beside the pages, so that nobody waits for them.',
    'names' => [
        'FindHoles' => 'Weak spots of the wall',
        'ImportFile' => 'A file that is read in',
        'ImportReps' => 'Reps that are read in',
        'MakeSheet' => 'A PDF',
        'MakeZip' => 'A zip of everything',
        'PlanSeason' => 'The way to a test',
        'PrepareFootage' => 'A picture or a clip',
        'ReadEvidence' => 'What the reps teach',
        'RefreshWindows' => 'Proof of many reps',
        'SendBeginning' => 'A mail',
        'SendPasswordReset' => 'A mail',
    ],
    'none' => 'Nothing waits',
    'none-help' => 'What somebody asks for appears here until it is done.',
    'open' => 'Waiting and at work',
    'retried' => 'It is tried again.',
    'retry' => 'Try again',
    'retry-name' => 'Try again: :name',
    'title' => 'Jobs',
    'waits' => 'waits',
];
