<?php

declare(strict_types=1);

// Attacks and what they are told apart by.

return [
    'infeasible' => ':Facet “:value” does not go with “:kind”. Allowed: :allowed.',
    'infeasible-any' => ':Facet “:value” does not go with “:kind”, and nothing else does.',
    'families' => [
        'grab' => 'Grabs',
        'choke' => 'Chokes',
        'hug' => 'Hugs',
        'head' => 'Head holds',
        'push' => 'Pushes',
        'strike' => 'Strikes',
        'kick' => 'Kicks',
        'takedown' => 'Takedowns',
        'ground' => 'Ground',
        'threat' => 'Threats',
    ],
    'facets' => [
        'hand' => 'hand',
        'bearing' => 'bearing',
        'thumb' => 'thumb',
        'phase' => 'phase',
        'entry' => 'entry',
        'posture' => 'posture',
        'notice' => 'notice',
        'place' => 'place',
        'others' => 'others',
        'intent' => 'intent',
        'build' => 'build',
    ],
    'intents' => [
        'move' => 'move somebody',
        'pin' => 'pin somebody',
        'choke' => 'choke',
        'strike' => 'strike',
        'take-down' => 'take somebody down',
    ],
];
