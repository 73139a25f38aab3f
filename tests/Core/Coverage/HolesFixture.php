<?php

declare(strict_types=1);

namespace Tests\Core\Coverage;

use Generator;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\Hole;
use StoneDrill\Core\Coverage\HoleKind;
use StoneDrill\Core\Coverage\Move;
use StoneDrill\Core\Coverage\MoveKind;
use StoneDrill\Core\Coverage\RunCache;
use StoneDrill\Core\Coverage\Widener;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Hazard;
use StoneDrill\Core\Curriculum\PolicyLevel;
use StoneDrill\Core\Curriculum\PolicyRow;
use StoneDrill\Core\Technique\Beats;
use Tests\Support\Made;

/** What the tests of Holes share. */
final class HolesFixture
{
    /** @return list<string> kind, attack and side of the holes that answers in their cells make */
    public static function faultHoles(array $attacks, array $answers): array
    {
        $catalogue = Made::catalogue($attacks, $answers);
        $holes = array_filter(
            Coverage::whole($catalogue, widener: new Widener($catalogue))->holes,
            static fn (Hole $hole): bool => $hole->kind !== HoleKind::Uncatalogued
                && $hole->kind !== HoleKind::OneSided,
        );

        return array_values(array_map(static fn (Hole $hole): string => $hole->kind->value, $holes));
    }

    /** A random catalogue whose answers lack something here and there. */
    public static function faultyCatalogue(int $seed): Catalogue
    {
        mt_srand($seed);
        $catalogue = Made::randomCatalogue();
        $beats = [
            'left foot step 9, both hands strip',
            "left foot step 9, right palm chin -> rocked\nleave 6, look",
            "both hands shove chest -> driven back\nleave 6, look",
            "right knee groin -> folded\n  if not: leave 6\nleave 6",
            "right edge throat\nleave 6, look",
        ];
        $answers = array_map(
            fn (Answer $answer): Answer => $answer->withBeats(Beats::parse($beats[mt_rand(0, 4)])),
            $catalogue->answers,
        );

        // A school that does not teach contact at its first rank, so that something is barred.
        $school = Made::catalogue([], [], policy: [new PolicyRow(Hazard::Contact, null, 'b', PolicyLevel::NotTaught)])
            ->school;

        return new Catalogue($school, [], $catalogue->ranks, $catalogue->ladder, $catalogue->attacks, $answers);
    }

    /**
     * Every move that is offered but for writing one, each with what is left of its hole when it was taken.
     *
     * @return Generator<array{Hole, Move, list<Hole>}>
     */
    public static function takenMoves(Catalogue $catalogue): Generator
    {
        $memory = new RunCache();
        foreach (Coverage::whole($catalogue, $memory, new Widener($catalogue))->holes as $hole) {
            foreach ($hole->moves as $move) {
                if ($move->kind === MoveKind::Write) {
                    continue;
                }
                $after = $move->takenIn($catalogue, (string) $hole->rank);
                $left = array_filter(
                    Coverage::whole($after, $memory)->holes,
                    static fn (Hole $other): bool => [$other->kind, $other->attack, $other->side] === [
                        $hole->kind,
                        $hole->attack,
                        $hole->side,
                    ],
                );
                yield [$hole, $move, $left];
            }
        }
    }
}
