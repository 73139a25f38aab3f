<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

/** Who saw the rep: work at home is shown and not counted. */
enum Source: string
{
    case Seen = 'seen';
    case Home = 'home';
}
