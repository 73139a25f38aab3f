<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

use DateTimeImmutable;

/** Somebody who trains. */
final readonly class Student
{
    /** Below this age, in years, a student belongs to the youth. */
    public const YOUTH = 16;

    /**
     * @param string             $rank   id of the rank
     * @param ?float             $height stature in metres
     * @param ?DateTimeImmutable $born   day of birth
     * @param list<string>       $flags  `no-HAZARD` for what is not done with them
     * @param list<RankAward>    $ranks  since when they had which rank, as far as that is known
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $rank,
        public ?float $height = null,
        public ?DateTimeImmutable $born = null,
        public array $flags = [],
        public array $ranks = [],
    ) {}

    /** The rank of a day: the last one that was awarded until then; where none is known, the one of now. */
    public function rankOn(DateTimeImmutable $day): string
    {
        $until = array_filter(
            $this->ranks,
            static fn (RankAward $award): bool => $award->on->format('Y-m-d') <= $day->format('Y-m-d'),
        );
        usort($until, static fn (RankAward $a, RankAward $b): int => $a->on <=> $b->on);

        return $until === [] ? $this->rank : $until[count($until) - 1]->rank;
    }

    /** The same as if they had another rank, by its id. */
    public function at(string $rank): self
    {
        return new self($this->id, $this->name, $rank, $this->height, $this->born, $this->flags, $this->ranks);
    }

    /** Whether the student is under 16 on a day; one whose day of birth is not known is not. */
    public function isYouthOn(DateTimeImmutable $day): bool
    {
        return $this->born !== null && $this->born->modify(sprintf('+%d years', self::YOUTH)) > $day;
    }
}
