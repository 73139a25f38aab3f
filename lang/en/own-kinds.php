<?php

declare(strict_types=1);

// A school's own kinds of attack.
return [
    'add' => 'Add a kind of {attack}',
    'breaks' => '“:attack” would no longer be possible: :why Change or delete that {attack} first.',
    'cautions' => 'Cautions in training',
    'cautions-hint' => 'One a line. They show wherever {an attack} of this kind shows.',
    'columns' => ['name' => 'Kind', 'family' => 'Family', 'used' => '{Attacks}', 'delete' => 'Action'],
    'delete-question' => 'Delete the kind “:name” for good?',
    'draw' => 'Draw the situation',
    'draw-help' => 'Fill in the form and press “Draw the situation”: you see who stands where, what is held, and what is in reach. Nothing is saved by that.',
    'family' => 'Family',
    'fields' => [
        'attacker_busy' => 'The attacker holds with',
        'defender_held' => 'What is held of the defender',
        'hands' => 'With which hand it can come',
        'bearings' => 'From which hours it can come',
    ],
    'form-lead' => 'A kind says what is held by what and where it comes from. Everything else about {an attack} follows from it.',
    'hands' => ['left' => 'left', 'right' => 'right', 'both' => 'both', 'none' => 'none'],
    'holds' => [
        'wrist-opposite' => 'the wrist opposite the hand',
        'wrist-same' => 'the wrist across',
        'wrists' => 'both wrists',
        'arms-pinned' => 'both arms, pinned to the body',
        'arms-blocked' => 'both arms, out of use',
    ],
    'in-use' => '“:name” cannot be deleted: {attacks} are of this kind. Change or delete them first.',
    'lead' => 'What your school calls {an attack} and the built-in kinds do not have.',
    'limbs' => ['hand' => 'one hand', 'hands' => 'both hands', 'arms' => 'the arms', 'legs' => 'the legs'],
    'name' => 'Name',
    'none' => 'No kind of your own',
    'none-help' => 'The built-in kinds cover most {attacks}. Add one where yours differs.',
    'start' => 'How it begins',
    'starts' => [
        'grab' => 'at arm’s length, holding',
        'hug' => 'close, holding round the body',
        'delivered' => 'comes in: a blow, a push, a dive',
        'ground' => 'on the ground, the attacker standing',
        'astride' => 'on the ground, the attacker on top',
        'threat' => 'at a distance, nothing done yet',
    ],
    'title' => 'Own kinds of {attack}',
];
