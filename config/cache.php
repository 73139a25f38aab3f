<?php

// Besides the framework's own stores: the memory that the processes of one machine share. It is emptied whenever it is
// full.
return [
    'stores' => [
        'memory' => ['driver' => 'apc'],
    ],
];
