<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\ContactPolicy;
use StoneDrill\Core\Curriculum\Ladder;
use StoneDrill\Core\Curriculum\Rank;
use StoneDrill\Core\Curriculum\Rung;
use StoneDrill\Core\Curriculum\School;
use StoneDrill\Core\Floor\Setting;

/** What a school measures its answers by: its doctrine, policy, ranks, and the other answers. */
final readonly class Standards
{
    public ContactPolicy $policy;

    /**
     * @param array<string, Rank>   $ranks    by id, lowest first
     * @param array<string, Answer> $answers  by title
     * @param array<string, Attack> $attacks  by id
     * @param array<string, int>    $families how many families of attack are needed by a rank, by its id
     */
    private function __construct(
        public School $school,
        private Ladder $ladder,
        private array $ranks,
        private array $answers,
        private array $attacks,
        private array $families,
    ) {
        $this->policy = ContactPolicy::of($school, array_map('strval', array_keys($ranks)));
    }

    public static function of(Catalogue $catalogue): self
    {
        $order = $catalogue->rankOrder();
        $families = [];
        foreach ($catalogue->ranks as $rank) {
            $needed = [];
            foreach ($catalogue->attacks as $attack) {
                if ($attack->need->rank !== null && $order[$attack->need->rank] <= $order[$rank->id]) {
                    $needed[$attack->kind->family->value] = true;
                }
            }
            $families[$rank->id] = count($needed);
        }

        return new self(
            $catalogue->school,
            $catalogue->ladder,
            array_column($catalogue->ranks, null, 'id'),
            array_column($catalogue->answers, null, 'title'),
            array_column($catalogue->attacks, null, 'id'),
            $families,
        );
    }

    public function rank(string $id): Rank
    {
        return $this->ranks[$id];
    }

    /** The rung that a rank should hold what it knows at. */
    public function goalRung(string $rank): Rung
    {
        return $this->ladder->get($this->ranks[$rank]->goalRung);
    }

    /** Position of a rank, 0 for the lowest. */
    public function position(string $rank): int
    {
        return (int) array_search($rank, array_map('strval', array_keys($this->ranks)), true);
    }

    public function answerTitled(string $title): ?Answer
    {
        return $this->answers[$title] ?? null;
    }

    public function attack(string $id): ?Attack
    {
        return $this->attacks[$id] ?? null;
    }

    /**
     * How an answer to an attack is run.
     *
     * @param bool $seesThreats whether the frames tell which of the attacker's weapons reach
     */
    public function setting(Attack $attack, float $pace = 1.0, bool $seesThreats = true): Setting
    {
        $asks = $this->school->asks;

        return new Setting(
            $pace,
            $attack->briefing->recoil,
            $asks->tolerance,
            seesThreats: $seesThreats,
            times: $asks->effects,
            turning: $asks->turning,
        );
    }

    /** Bits of choice among the families of attack that students of a rank need: log2 of their number. */
    public function familyBits(string $rank): float
    {
        return log(max(1, $this->families[$rank] ?? 0), 2);
    }
}
