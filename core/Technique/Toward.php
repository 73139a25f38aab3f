<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

/** Which side of the holding hand a strip goes to. */
enum Toward: string
{
    case Thumb = 'thumb';
    case Fingers = 'fingers';
}
