<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

/** Where the student was touched. */
enum Touched: string
{
    case Arm = 'arm';
    case Body = 'body';
    case Head = 'head';
}
