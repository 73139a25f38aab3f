<?php

declare(strict_types=1);

namespace StoneDrill\Core\Solo;

/** The side on which a basic is done. */
enum BasicSide: string
{
    case Both = 'both';
    case Left = 'left';
    case Right = 'right';
}
