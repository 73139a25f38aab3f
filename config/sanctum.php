<?php

return [
    // Programs come with a token; what a browser is signed in with counts for nothing here.
    'guard' => [],
    'stateful' => [],
    // Without browsers nobody asks for its cookie.
    'routes' => false,
    'expiration' => null,
    // So that a token that got somewhere by mistake is found.
    'token_prefix' => 'stone_drill_',
];
