<?php

declare(strict_types=1);

// What the reps teach the school.

return [
    'better' => 'better by :points points than against those alike',
    'columns' => ['answer' => '{Answer}', 'where' => 'Where', 'tries' => 'Tries that count', 'share' => 'Clean', 'interval' => 'Between, eight in ten', 'mistakes' => 'Most frequent mistakes', 'improvised' => 'Improvised instead', 'seconds' => 'Seconds, median'],
    'corners' => [
        'both' => 'The floor and the mat say that it holds up',
        'neither' => 'Both say that it does not',
        'floor-only' => 'The floor alone says so',
        'mat-only' => 'The mat alone says so',
    ],
    'corners-columns' => ['what' => 'What is said', 'count' => 'Rows'],
    'csv' => 'CSV',
    'disagree' => 'Where the floor and the mat disagree',
    'disagree-none' => 'Nowhere, as far as there are tries.',
    'floor-only' => 'The floor says that it works (beat :beat: :look), and :clean of :count tries were clean. Does the partner attack as written?',
    'for-whom' => 'For whom',
    'half-life' => [
        'found' => 'A try weighs half after about :days days (:low to :high), by :pairs pairs of tries that followed each other. In use: :use days.',
        'heading' => 'How fast it fades',
        'open' => 'The tries that followed each other do not tell yet how fast proof fades. In use: :use days.',
    ],
    'heading' => 'How it holds up',
    'holds-up' => ':share clean (:interval with eight in ten) of :tries.',
    'improvised' => 'Something else was improvised in :share of the tries.',
    'interval' => ':low – :high %',
    'lead' => 'Read from the tries in which an {answer} was used: of each person the latest twelve that count, the older the lighter, and drawn toward what is known of all {answers} of the school. Nothing is told of fewer than eight tries. All figures are estimates.',
    'link' => 'What the reps teach',
    'loading' => 'Reading the tries …',
    'look' => [
        'nothing' => 'nothing in it is measured',
        'spare' => ':cm cm to spare at the :target',
    ],
    'mistakes' => 'Mistakes: :mistakes.',
    'mat-only' => ':clean of :count tries were clean, and the floor says that it fails at beat :beat: :look Is it done as written?',
    'none' => 'Fewer than eight tries that count name it on one side at one {rung}: nothing can be told yet.',
    'none-at-all' => 'Nothing can be told yet: no {answer} was named in eight tries that count, on one side at one {rung}.',
    'reaction' => [
        'found' => 'Reacting takes :a s (± :sa), and :b s (± :sb) more for each bit of choice, by :count timed tries. In use: :ua and :ub s.',
        'heading' => 'How long reacting takes',
        'none' => 'Too few tries were timed to tell how long reacting takes. In use: :ua s, and :ub s for each bit of choice.',
    ],
    'seconds' => 'Median: :seconds s.',
    'sizes' => ['smaller' => 'attacker shorter by more than 10 cm', 'alike' => 'attacker alike', 'larger' => 'attacker taller by more than 10 cm'],
    'sizes-columns' => ['answer' => '{Answer}', 'size' => 'Against', 'tries' => 'Tries that count', 'share' => 'Clean', 'interval' => 'Between, eight in ten', 'told' => 'Sure, eight in ten'],
    'take' => [
        'half-life' => 'Use :days days from now on',
        'reaction' => 'Use :a s and :b s from now on',
        'settings' => 'Settings',
    ],
    'title' => 'What the reps teach',
    'tries' => ':count (:full clean, :half half, :none not)',
    'where' => '{rung} :rung, :side',
    'worse' => 'worse by :points points than against those alike',
];
