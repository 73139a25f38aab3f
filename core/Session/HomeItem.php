<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Target;

/** An answer that somebody practises alone. */
final readonly class HomeItem
{
    /**
     * @param Beats $beats as the student's rank is taught them, on the side that is practised
     * @param float $lower lower bound at the goal rung
     * @param int   $tries that it is read from
     */
    public function __construct(
        public Answer $answer,
        public Attack $attack,
        public Side $side,
        public Beats $beats,
        public float $lower,
        public int $tries,
    ) {}

    /**
     * Where the strikes go, on one's own wall.
     *
     * @param float $stature in metres, of an attacker as tall as oneself
     *
     * @return list<array{Target, int}> each target once, with its height in whole centimetres
     */
    public function targets(float $stature): array
    {
        $targets = [];
        foreach (
            array_filter($this->beats->actions(), static fn (Action $action): bool => $action->isStrike()) as $action
        ) {
            foreach ($action->targets as $target) {
                if ($target->height() !== null) {
                    $targets[$target->value] = [$target, (int) round(100 * $stature * $target->height())];
                }
            }
        }

        return array_values($targets);
    }
}
