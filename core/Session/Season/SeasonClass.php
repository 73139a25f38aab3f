<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session\Season;

/** A class on the way to a test. */
final readonly class SeasonClass
{
    /**
     * @param int $at      when it is, seconds since 1970
     * @param int $answers that there is time to teach
     * @param int $reps    tries under pressure that each student gets
     */
    public function __construct(public string $id, public int $at, public int $answers, public int $reps) {}
}
