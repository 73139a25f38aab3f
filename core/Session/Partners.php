<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

/** Who works with whom among people of one circle. */
final readonly class Partners
{
    /**
     * @param bool        $isApart whether they are those who are paired by themselves
     * @param list<Round> $drill
     * @param list<Round> $pressure nobody meets again here before all have met in the drill
     */
    public function __construct(public bool $isApart, public array $drill, public array $pressure) {}

    /** @return list<Round> of a block; none where nobody works with a partner */
    public function of(BlockKind $kind): array
    {
        return match ($kind) {
            BlockKind::Drill => $this->drill,
            BlockKind::Pressure => $this->pressure,
            default => [],
        };
    }

    /**
     * Pairs that work at once.
     *
     * @param list<Round> $rounds of a block
     */
    public static function pairs(array $rounds): int
    {
        return $rounds === [] ? 0 : count($rounds[0]->pairs);
    }
}
