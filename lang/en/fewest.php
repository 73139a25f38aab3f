<?php

declare(strict_types=1);

return [
    'bound' => 'Fewer than :bound cannot do it. Whether fewer than :count can is not proven.',
    'by-rank' => 'By {rank}',
    'caption' => 'The {answers} in the order to teach them, the largest gain first',
    'columns' => ['number' => '#', 'answer' => '{Answer}', 'move' => 'What to do', 'sides' => 'Sides answered', 'gain' => 'Adds', 'covered' => 'Then works', 'bar' => 'As a bar'],
    'covered-after' => 'works after step :step',
    'covers' => 'They work against :percent % of the weight of what :rank and the {ranks} below it need, and are taught to :taught % of it.',
    'exact' => 'No fewer {answers} can do it.',
    'heading' => ':share % by :rank: :count {answer}|:share % by :rank: :count {answers}',
    'moves' => [
        'teach' => 'teach it as it is',
        'mirror' => 'teach both sides',
        'earlier' => 'teach it earlier, at :rank',
        'widen' => 'use it for similar {attacks} too',
    ],
    'no-answer' => 'No {answer} is written yet. Open {an attack} and write the first.',
    'none-removable' => 'None: every {answer} is the first for something.',
    'not-reached' => ':share % cannot be reached with the {answers} written so far: :most % is the most. Write {answers} for the holes of the wall to reach the rest.',
    'removable' => ':count {answer} could be left out|:count {answers} could be left out',
    'removable-help' => 'Without any one of them, every {attack} is still answered from the same {rank} on. Leave out one, then look again: two of them may replace each other.',
    'share' => 'Share of what the {rank} needs, 5 to 100 %',
    'title' => 'Fewest {answers}',
    'to-the-holes' => 'Go to the holes',
];
