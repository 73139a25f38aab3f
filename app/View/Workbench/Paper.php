<?php

declare(strict_types=1);

namespace App\View\Workbench;

/** The papers that sheets are made for. */
enum Paper: string
{
    case A4 = 'a4';
    case Letter = 'letter';
}
