<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use DateTimeImmutable;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Checks\Hazards;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Curriculum\Hazard;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Drill\Eligibility;
use StoneDrill\Core\Proof\Window;

/**
 * What somebody practises alone in a week: what they have been taught and are weakest at, as long as nobody else is
 * needed for it.
 */
final readonly class HomeSheet
{
    public const MOST = 5;

    /** What is not done alone. */
    private const NOT_ALONE = [Hazard::Fall, Hazard::GroundImpact];

    /**
     * @param Catalogue             $catalogue as the student learns it
     * @param array<string, Window> $windows   by the cell's key
     *
     * @return list<HomeItem> the weakest first: what was tried before what was not
     */
    public static function of(Catalogue $catalogue, Student $student, array $windows, DateTimeImmutable $at): array
    {
        $order = $catalogue->rankOrder();
        $rank = $catalogue->rank($student->rank);
        $eligibility = new Eligibility($catalogue, $at);
        $items = [];
        foreach ($catalogue->answers as $answer) {
            $attack = $catalogue->attackOf($answer);
            if (
                $answer->introducedAt($order) > $order[$student->rank]
                || $attack->kind->family === Family::Ground
                || ! $eligibility->opens($student, $attack, $answer)
            ) {
                continue;
            }
            $beats = $answer->beatsFor($rank, $order);
            if (
                array_intersect(
                    array_column(Hazards::ofBeats($beats), 'value'),
                    array_column(self::NOT_ALONE, 'value'),
                ) !== []
            ) {
                continue;
            }
            $own = [];
            foreach (self::sides($answer, $attack->sides()) as $side) {
                $window = $windows[CellKey::of($attack, $side)->text] ?? Window::empty();
                if (! $window->holds($rank->goalRung, $at)) {
                    $own[] = new HomeItem(
                        $answer,
                        $attack,
                        $side,
                        $side === Side::Mirrored ? $beats->mirror() : $beats,
                        $window->evidence($rank->goalRung, $at)->lower(),
                        count($window->tries),
                    );
                }
            }
            usort($own, self::weaker(...));
            array_push($items, ...array_slice($own, 0, 1));
        }
        usort($items, self::weaker(...));

        return array_slice($items, 0, self::MOST);
    }

    /**
     * @param list<Side> $sides of the attack
     *
     * @return list<Side> those that the answer is for
     */
    private static function sides(Answer $answer, array $sides): array
    {
        return $answer->matching->mirrored ? $sides : [Side::Written];
    }

    private static function weaker(HomeItem $a, HomeItem $b): int
    {
        return [$a->tries === 0, $a->lower, -$a->attack->prevalence, $a->answer->id] <=> [
            $b->tries === 0,
            $b->lower,
            -$b->attack->prevalence,
            $b->answer->id,
        ];
    }
}
