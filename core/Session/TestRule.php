<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use Random\Engine\Mt19937;
use Random\Randomizer;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\ProofStandard;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Solo\Mark;

/**
 * What a test asks for, and whether it is passed: nothing untested, enough of all credit, no critical item on which
 * somebody froze or was hit, and nothing that is done alone unmarked or not yet there.
 */
final readonly class TestRule
{
    /** Share of what a rank needs that is drawn, where nothing else is said. */
    private const DRAWN = 0.5;

    /**
     * @param list<array{bool, ?Outcome}> $items whether each is critical, and how it went at last; null, or stopped for
     *     safety, where nobody saw it
     * @param list<?Mark>                 $solos how each basic and form was done; null where nobody saw it
     */
    public static function judge(array $items, array $solos = [], ProofStandard $asks = new ProofStandard()): TestResult
    {
        $untested = $critical = $short = [];
        $credit = 0.0;
        $rules = ProofRules::of($asks);
        foreach ($items as $place => [$isCritical, $outcome]) {
            $of = $outcome === null ? null : $rules->credit($outcome);
            if ($of === null) {
                $untested[] = $place;
            } elseif ($isCritical && in_array($outcome, [Outcome::Froze, Outcome::Hit], true)) {
                $critical[] = $place;
            }
            if ($of !== 1.0) {
                $short[] = $place;
            }
            $credit += $of ?? 0.0;
        }
        $share = $items === [] ? 0.0 : $credit / count($items);
        $isEnough = $items === [] || $share >= $asks->test->pass - 1e-9;
        $retest = array_unique([...$untested, ...$critical, ...$isEnough ? [] : $short]);
        sort($retest);

        $again = array_keys(
            array_filter($solos, static fn (?Mark $mark): bool => $mark === null || $mark === Mark::NotYet),
        );

        return new TestResult(
            [...$items, ...$solos] !== [] && $retest === [] && $again === [],
            $share,
            $untested,
            $critical,
            $retest,
            $again,
        );
    }

    /**
     * Some of what is asked, so that every family and both sides occur as far as they are asked for; the rest is
     * chance.
     *
     * @param list<array{Attack, Side}> $asked
     *
     * @return list<array{Attack, Side}> in the order in which they are asked; another seed draws others
     */
    public static function draw(array $asked, int $seed): array
    {
        $count = (int) ceil(self::DRAWN * count($asked));
        $order = $asked === [] ? [] : (new Randomizer(new Mt19937($seed)))->shuffleArray(array_keys($asked));
        $family = static fn (int $place): string => $asked[$place][0]->kind->family->value;
        $side = static fn (int $place): string => $asked[$place][1]->value;
        $drawn = [];
        foreach ([$family, $side] as $of) {
            $met = array_flip(array_map($of, $drawn));
            foreach ($order as $place) {
                if (! isset($met[$of($place)])) {
                    $met[$of($place)] = true;
                    $drawn[] = $place;
                }
            }
        }
        foreach ($order as $place) {
            if (count($drawn) < $count && ! in_array($place, $drawn, true)) {
                $drawn[] = $place;
            }
        }
        sort($drawn);

        return array_map(static fn (int $place): array => $asked[$place], $drawn);
    }
}
