<?php

declare(strict_types=1);

namespace App\View\Wall;

/** One thing that a new school does next. */
final readonly class NextStep
{
    public function __construct(public string $text, public string $url, public string $label) {}
}
