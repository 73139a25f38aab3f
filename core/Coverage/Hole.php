<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Text;

/** A gap in the curriculum: what it is, how much it matters, and what would close it. */
final readonly class Hole
{
    /** Id of the attack; null where none is catalogued. */
    public ?string $attack;

    public ?Side $side;

    /**
     * @param ?CellKey   $cell   null where no attack is catalogued
     * @param ?string    $rank   id of the rank that needs it; null there too
     * @param Text       $reason one sentence
     * @param list<Move> $moves  what would close it, the least work first
     * @param string     $id     kind, facet and value where no attack is catalogued
     * @param list<Failure> $fails where each answer of the cell has the fault that makes the hole
     */
    public function __construct(
        public HoleKind $kind,
        public ?CellKey $cell,
        public ?string $rank,
        public float $weight,
        public Text $reason,
        public array $moves,
        public string $id = '',
        public array $fails = [],
    ) {
        $this->attack = $cell?->attack;
        $this->side = $cell?->side;
    }

    /** What equally heavy holes of one kind are ordered by. */
    public function order(): string
    {
        return $this->attack ?? $this->id;
    }
}
