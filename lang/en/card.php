<?php

declare(strict_types=1);

// What the partner who attacks is told.

return [
    'title' => 'For the attacker',
    'how' => '{Attack}',
    'speed' => 'Speed',
    'limb' => 'Arm or leg',
    'say' => 'Call',
    'arrives' => 'Begin slowly. At full pace it arrives :seconds s after its first sign.',
    'moving' => 'Pull or push at walking pace, and keep it up until the hold is off.',
    'holds' => 'Take the hold as it is meant, then hold on: let go only when the {answer} makes you.',
    'slowly' => 'Begin slowly, and go faster only when the defender asks for it.',
    'limbs' => ['arm' => 'arm', 'leg' => 'leg'],
    'recoil' => [
        'left-out' => 'Leave the :limb out until the {answer} is over.',
        'pulled-back' => 'Pull the :limb back at once.',
    ],
    'call' => 'Say “:attack” before you begin, as long as the {rung} tells the {attack}. “Stop” and a tap end it at once.',
];
