<?php

declare(strict_types=1);

return [
    'board' => 'Board',
    'empty' => 'Nobody is in this group.',
    'group' => 'Group',
    'label' => 'Students and {attacks}',
    'last' => 'last :day',
    'legend' => [
        'blank' => 'blank: not needed.',
        'building' => 'building',
        'faded' => 'faded: held before',
        'failing' => 'failing',
        'goal' => 'At the goal {rung} of each student’s {rank}:',
        'help' => 'The numbers are those of the list. Each line: how much is held, what to drill next and with whom. Press a sign to see the lower bound, the tries behind it, and the day it fades. Estimates. :people people in all.',
        'holds' => 'holds',
        'untried' => 'untried',
    ],
    'mistakes' => [
        'before' => 'The :weeks weeks before',
        'by-attack' => 'Most frequent mistakes by {attack}',
        'by-student' => 'Most frequent mistakes by student',
        'counting' => 'Counting mistakes …',
        'fewer' => '▼ fewer',
        'late' => 'Last :weeks weeks, with this one',
        'more' => '▲ more',
        'none' => 'No mistake was recorded in the last :weeks weeks.',
        'same' => '= as many',
    ],
    'next-attacks' => 'Next {attacks}',
    'no-rep' => 'no rep yet',
    'nothing-next' => 'nothing',
    'numbers' => 'Students by their number in the list above',
    'pages' => ':lines lines: page :page of :pages.',
    'previous-attacks' => 'Previous {attacks}',
    'show-everybody' => 'Show everybody',
    'sorted-by' => 'Sorted by',
    'reading' => 'Many reps came at once: :done of :all rows of proof are worked out.',
    'sorts' => ['name' => 'name', 'held' => 'how much is held', 'last' => 'last rep'],
    'title' => 'The board',
    'with' => 'with :name',
];
