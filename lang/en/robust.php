<?php

declare(strict_types=1);

// What was not as assumed when an answer was tried again.

return [
    'effect' => ':beat :effect',
    'instead' => ':beat :effect, :other instead',
    'head-left' => 'head 15 cm left',
    'head-right' => 'head 15 cm right',
    'too-long' => 'the effects from beat :beat on, which are not tried: the {answer} is too long',
];
