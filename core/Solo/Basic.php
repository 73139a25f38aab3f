<?php

declare(strict_types=1);

namespace StoneDrill\Core\Solo;

use StoneDrill\Core\Technique\LimbRule;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Verb;

/** A strike, kick, block, step or stance that is practised by itself. */
final readonly class Basic
{
    /**
     * @param string       $id       the same in every file
     * @param Strike|Verb|null $word the word of the notation that it is; null where it is none
     * @param string       $rank     id of the rank from which it is asked
     * @param string       $surface  what hits or stops, in the school's words
     * @param list<string> $points   what is done, in order
     * @param list<string> $mistakes the usual ones
     */
    public function __construct(
        public string $id,
        public string $name,
        public BasicKind $kind,
        public Strike|Verb|null $word,
        public string $rank,
        public BasicSide $side = BasicSide::Both,
        public string $surface = '',
        public array $points = [],
        public array $mistakes = [],
        public ?FootPlan $feet = null,
    ) {}

    /** @return array<string, Strike|Verb> what a basic can be of the notation, by the word */
    public static function words(): array
    {
        $verbs = array_filter(Verb::cases(), static fn (Verb $verb): bool => $verb->limbs() !== LimbRule::None);

        return [...array_column(Strike::cases(), null, 'value'), ...array_column($verbs, null, 'value')];
    }
}
