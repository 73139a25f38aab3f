<?php

declare(strict_types=1);

namespace App\Persistence;

use Closure;

/** How far something is that takes a while: each further percent, or each few, is told once. */
final class Progress
{
    private int $done = 0;

    private int $told = 0;

    /**
     * @param Closure(int): void $tell is told the percent that are done
     * @param int                $step percent after which it is told again
     */
    public function __construct(
        private readonly int $all,
        private readonly Closure $tell,
        private readonly int $step = 1,
    ) {}

    public function add(int $more): void
    {
        $this->done += $more;
        $percent = min(100, intdiv(100 * $this->done, max(1, $this->all)));
        if ($percent >= $this->told + $this->step) {
            $this->told = $percent;
            ($this->tell)($percent);
        }
    }
}
