<?php

declare(strict_types=1);

namespace App\Console\Drill;

use StoneDrill\Core\Report\Report;

/** A report with the lines that a reader gets, and whether something is amiss. */
final readonly class Printed
{
    /**
     * @param list<string> $lines
     * @param bool         $isAmiss       whether --strict should mind
     * @param bool         $isAlwaysAmiss whether what is amiss counts without --strict too: a goal that cannot be
     *     reached
     */
    public function __construct(
        public Report $report,
        public array $lines,
        public bool $isAmiss = false,
        public bool $isAlwaysAmiss = false,
    ) {}
}
