<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

/** Where the rep was seen: work at home is shown and not counted. */
enum Source: string
{
    case Seen = 'seen';
    case Test = 'test';
    case Home = 'home';
}
