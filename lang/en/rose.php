<?php

declare(strict_types=1);

// The rose: coverage or proof by direction.

return [
    'blank' => ':ring from :bearing: nothing needed',
    'by' => ['family' => 'Rings by family', 'rank' => 'Rings by {rank}'],
    'cracked' => ':ring from :bearing: :percent % covered, :taught % taught or tried',
    'key' => 'You stand in the middle and face up. A sector is filled as far as what comes from there is covered; a crack is taught, or tried, and comes to nothing; a faint one is not needed. Press a sector to narrow the wall.',
    'of' => 'Of :name: what is asked by rank and held at the goal {rung}',
    'school' => 'The whole school',
    'sector' => ':ring from :bearing: :percent % covered',
    'table' => 'The rose as a table',
    'title' => 'The rose',
];
