<?php

declare(strict_types=1);

// What a mend does, on its button.

return [
    'add' => 'Add “:action”',
    'other-limb' => 'Use the :limb',
    'lengthen' => 'Lengthen the step: “:action”',
    'lengthen-before' => 'Lengthen the step before: “:action”',
    'shorten' => 'Shorten the step: “:action”',
    'toward-thumb' => 'Strip toward the thumb',
    'strip-before' => 'Strip the hold in a beat before',
];
