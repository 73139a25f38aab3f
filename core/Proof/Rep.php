<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

use DateTimeImmutable;
use StoneDrill\Core\Attack\Side;

/** One recorded try. Never changed: a correction is another rep that replaces it. */
final readonly class Rep
{
    /**
     * @param string       $id       a UUID, made where the rep was recorded
     * @param string       $student  id
     * @param string       $attack   id
     * @param int          $rung     number of the rung
     */
    public function __construct(
        public string $id,
        public string $student,
        public string $attack,
        public Side $side,
        public int $rung,
        public Outcome $outcome,
        public DateTimeImmutable $at,
        public RepDetails $details = new RepDetails(),
    ) {}

    /** Whether it counts as proof at all. */
    public function counts(): bool
    {
        return $this->details->source !== Source::Home && $this->outcome->counts();
    }
}
