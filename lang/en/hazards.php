<?php

declare(strict_types=1);

// What can hurt a partner, as part of a sentence.

return [
    'wrist-lock' => 'a wrist lock',
    'elbow-lock' => 'an elbow lock',
    'fingers' => 'a finger lock',
    'neck' => 'a strike to the neck',
    'throat' => 'a strike to the throat',
    'eyes' => 'a strike to the eyes',
    'spine' => 'a strike to the spine',
    'knee' => 'a strike to the knee',
    'head-contact' => 'contact with the head',
    'fall' => 'a fall',
    'ground-impact' => 'impact on the ground',
    'choke' => 'a choke',
    'contact' => 'contact',
];
