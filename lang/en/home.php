<?php

declare(strict_types=1);

return [
    'count' => 'Count it aloud',
    'counting' => 'Beat by beat, with a beep for each. This page opens and counts without a network too, once it was open with one.',
    'did' => 'I did it',
    'done' => '“:answer” is noted. It shows in the log, and proves nothing.',
    'done-times' => ':count × this week',
    'event' => 'Practice at home: :answers',
    'gone' => 'This is not on the sheet of this week any more.',
    'lead' => 'Alone, slowly, with room around you: what you know and are weakest at. A strike goes into the air, or stops before a wall. Stop when something hurts.',
    'mistakes' => 'Watch for:',
    'none' => 'Nothing to practise alone this week: either all you have been taught is held, or it needs a partner.',
    'noted' => '“:name” is noted. It proves nothing.',
    'pace' => 'Pace',
    'pdf' => 'To print (PDF)',
    'short' => 'At home',
    'stop' => 'Stop',
    'target' => ':target at :cm cm',
    'targets' => 'On your wall, for an attacker as tall as you:',
    'title' => ':name, at home',
    'untried' => 'taught, and never tried',
    'weak' => 'lower bound :lower of :count try, an estimate|lower bound :lower of :count tries, an estimate',
    'week' => 'Week of :from to :to',
];
