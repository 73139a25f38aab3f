<?php

declare(strict_types=1);

return [
    'across' => 'Columns',
    'down' => 'Rows',
    'heading' => 'The wall by :down and :across',
    'help' => 'Each field shows the sides of {attacks}, the share of what is needed where {an answer} works in time, the share where one is taught, and the holes.',
    'not-whole' => 'Weak spots are still being worked out. The holes here are the missing {answers}.',
    'pairs' => [
        'add' => 'add one',
        'add-label' => 'add one with :pair',
        'columns' => ['pair' => 'Pair', 'attacks' => 'Possible {attacks} with it', 'example' => 'For example'],
        'help' => 'Two values of two facets (or a family) that are possible together, but that no {attack} of the catalogue has on either side. Those with the most possible {attacks} come first.',
        'more' => ':count more are not listed.',
        'title' => ':missing of :all possible pairs are in no {attack}',
    ],
    'share' => ':percent %',
    'taught' => ':percent % taught',
    'title' => 'Cross-table',
];
