<?php

declare(strict_types=1);

// Two things side by side on the floor.

return [
    'bodies' => ':defender against :attacker',
    'choose' => 'Beside it',
    'clean' => '{rung} :rung: :clean of :all clean',
    'columns' => ['what' => 'What it comes to'],
    'facts' => ['works' => 'Works', 'time' => 'Takes', 'steps' => 'Steps that go otherwise', 'worst' => 'Least margin', 'findings' => 'Findings', 'hazards' => 'Can hurt', 'without' => 'When an effect does not come', 'evidence' => 'Seen'],
    'groups' => ['mistakes' => 'Its mistakes', 'answers' => 'Other {answers} to this {attack}', 'versions' => 'Earlier versions', 'bodies' => 'Other bodies', 'starters' => 'How the starters answer it'],
    'help' => 'Beats that are alike stand beside each other; what differs is marked. Step with ← and →. All figures are estimates.',
    'link' => 'Side by side',
    'seen' => 'seen in :count rep|seen in :count reps',
    'show' => 'Show',
    'title' => ':answer, side by side',
    'version' => 'version :number of :day',
];
