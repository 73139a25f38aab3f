<?php

declare(strict_types=1);

// What a hold keeps from the defender.

return [
    'hand' => 'the attacker’s :side hand',
    'both-hands' => 'both of the attacker’s hands',
    'limits' => [
        'wrist-held' => ':hand holds its wrist, so it only grips, strips, moves the hold, and strikes within 20 cm of that hand',
        'threaded' => 'the attacker’s arms are threaded under it',
        'hand-pinned' => 'the arm is pinned: it reaches only what is at hip height or below',
        'elbow-pinned' => 'the arm is pinned',
    ],
];
