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
     * @param ?string      $answer   id of the answer used, null for an improvised one
     * @param list<string> $mistakes
     * @param ?float       $seconds  from call to finish
     * @param ?string      $replaces id of the rep that this one corrects
     * @param ?string      $reason   why it does
     */
    public function __construct(
        public string $id,
        public string $student,
        public string $attack,
        public Side $side,
        public int $rung,
        public Outcome $outcome,
        public DateTimeImmutable $at,
        public ?string $answer = null,
        public array $mistakes = [],
        public ?Touched $touched = null,
        public ?float $seconds = null,
        public ?string $stressor = null,
        public Source $source = Source::Seen,
        public ?string $replaces = null,
        public ?string $reason = null,
    ) {}

    /** Whether it counts as proof at all. */
    public function counts(): bool
    {
        return $this->source === Source::Seen && $this->outcome->credit() !== null;
    }
}
