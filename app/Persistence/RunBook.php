<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\School;
use StoneDrill\Core\Coverage\RunCache;

/** What runs of a school's answers have found, kept by everything that they hang on. */
final readonly class RunBook
{
    private const SECONDS = 7 * 86_400;

    public function __construct(private RevisionCache $kept) {}

    public function of(School $school): RunCache
    {
        return new RunCache($this->kept->latest("runs:{$school->id}") ?? []);
    }

    /** @param array<string, mixed> $runs what was found, by what it hangs on */
    public function keep(School $school, array $runs): void
    {
        $this->kept->keep("runs:{$school->id}", '', self::SECONDS, $runs);
    }
}
