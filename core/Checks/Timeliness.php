<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Floor\Bodies;
use StoneDrill\Core\Floor\Opening;

/** How much notice an answer to an attack needs, at full pace with nothing told. Planning estimates. */
final readonly class Timeliness
{
    /**
     * @param float  $needs    least seconds from the first sign until the first beat is done, with nothing told
     * @param float  $told     the same for whoever is told what comes and when: the first beat alone
     * @param ?float $arrival  seconds from the first sign until the attack arrives; null for what has arrived, or does
     *     not come
     * @param ?float $spare    what is left, below 0 it comes too late; null where nothing arrives
     * @param float  $distance least metres between the two when the attack begins, so that there is time
     */
    private function __construct(
        public Answer $answer,
        public float $needs,
        public float $told,
        public ?float $arrival,
        public ?float $spare,
        public float $distance,
    ) {}

    public static function of(Standards $standards, Answer $answer, Attack $attack, Side $side, Bodies $bodies): self
    {
        $reaction = $standards->school->asks->reaction;
        $bits = $standards->familyBits($answer->teaching->rank);
        $first = $answer->beats->line[0]->seconds();
        $arrival = Timing::arrival($attack->kind, $attack->on($side));
        $spare = $arrival === null ? null : Timing::spare($arrival, $reaction, $bits, $first, null);
        $start = (new Opening($attack->kind, $attack->on($side)))->scene($bodies)->distance();

        return new self(
            $answer,
            $reaction->seconds($bits, null) + $first,
            $first,
            $arrival,
            $spare,
            $start + ($spare === null ? 0.0 : Timing::warning($spare, null)),
        );
    }
}
