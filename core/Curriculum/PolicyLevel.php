<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

/** How far a hazard is kept away. */
enum PolicyLevel: string
{
    case None = 'none';
    case Pads = 'pads';
    case NotTaught = 'not-taught';
}
