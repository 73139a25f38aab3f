<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Text;

/** A gap in the curriculum: what it is, how much it matters, and what would close it. */
final readonly class Hole
{
    /**
     * @param ?string    $attack id; null where no attack is catalogued
     * @param ?Side      $side   null there too
     * @param ?string    $rank   id of the rank that needs it; null there too
     * @param Text       $reason one sentence
     * @param list<Move> $moves  what would close it, the least work first
     * @param string     $id     kind, facet and value where no attack is catalogued
     */
    public function __construct(
        public HoleKind $kind,
        public ?string $attack,
        public ?Side $side,
        public ?string $rank,
        public float $weight,
        public Text $reason,
        public array $moves,
        public string $id = '',
    ) {}

    /** Which cell it is in; null where no attack is catalogued. */
    public function cell(): ?CellKey
    {
        return $this->attack === null || $this->side === null ? null : new CellKey($this->attack, $this->side);
    }

    /** What equally heavy holes of one kind are ordered by. */
    public function order(): string
    {
        return $this->attack ?? $this->id;
    }
}
