<?php

declare(strict_types=1);

namespace Tests\Core\Coverage;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\Hole;
use StoneDrill\Core\Coverage\Move;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use Tests\Support\Made;

/** What the tests of Coverage share. */
final class CoverageFixture
{
    /** @return list<string> kind, attack, side, weight, moves */
    public static function holes(array $attacks, array $answers, array $factors = []): array
    {
        return array_map(
            fn (Hole $hole): string => implode(' ', [
                $hole->kind->value,
                $hole->attack,
                $hole->side->value,
                round($hole->weight, 3),
                implode(
                    '+',
                    array_map(fn (Move $move): string => trim($move->kind->value.' '.$move->answer), $hole->moves),
                ),
            ]),
            Coverage::of(Made::catalogue($attacks, $answers, $factors))->holes,
        );
    }

    /** @return list<?string> the rank at which each cell is laid */
    public static function laid(array $attacks, array $answers): array
    {
        return array_map(
            fn (Cell $cell): ?string => $cell->laidAt,
            Coverage::of(Made::catalogue($attacks, $answers))->cells,
        );
    }

    /** Facet by facet, as the page of rules has it, with no bits. */
    public static function plainlyAnswers(Catalogue $catalogue, Answer $answer, Attack $attack, Side $side): bool
    {
        $own = array_values(
            array_filter($catalogue->attacks, fn (Attack $one): bool => $one->id === $answer->attack),
        )[0];
        $hour = (int) $own->facets->bearing->toClock();
        $allowed = [
            'kind' => [$own->kind->id],
            'bearing' => array_map(fn (int $h): string => (string) ((($h + 11) % 12) + 1), [
                $hour - 1,
                $hour,
                $hour + 1,
            ]),
        ];
        foreach (['hand', 'thumb', 'phase', 'posture'] as $facet) {
            $allowed[$facet] = [$own->facets->value(Facet::from($facet))];
        }
        $allowed = array_filter(
            [...$allowed, ...$answer->matching->listed],
            fn (?array $values): bool => $values !== null,
        );
        $fits = function (Facets $facets) use ($allowed, $attack): bool {
            foreach ($allowed as $facet => $values) {
                if (
                    ! in_array(
                        $facet === 'kind' ? $attack->kind->id : $facets->value(Facet::from($facet)),
                        $values,
                        true,
                    )
                ) {
                    return false;
                }
            }

            return true;
        };

        // The mirrored pattern matches an attack exactly when the pattern matches the attack's mirror.
        return $fits($attack->on($side)) || ($answer->matching->mirrored && $fits($attack->on($side)->mirror()));
    }
}
