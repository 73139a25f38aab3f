<?php

declare(strict_types=1);

namespace App\Console\Drill;

/** What a verb found: for a program, for a reader, and whether --strict should mind. */
final readonly class Report
{
    /**
     * @param array<string, mixed> $document
     * @param list<string>         $lines
     * @param bool                 $isAlwaysAmiss whether what is amiss counts without --strict too: a goal that cannot be reached
     */
    public function __construct(public array $document, public array $lines, public bool $isAmiss, public bool $isAlwaysAmiss = false) {}
}
