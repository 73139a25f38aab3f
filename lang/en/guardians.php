<?php

declare(strict_types=1);

// The children that a guardian looks after.
return [
    'none' => 'No child yet',
    'none-help' => 'Ask the head instructor to add the children you look after.',
    'reps' => '{0} no rep yet|{1} :count rep, last :last|[2,*] :count reps, last :last',
    'title' => 'Children',
];
