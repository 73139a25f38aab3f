<?php

declare(strict_types=1);

namespace Tests\Core\Coverage;

use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\Hole;
use StoneDrill\Core\Coverage\Move;
use StoneDrill\Core\Coverage\MoveKind;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Matching;
use StoneDrill\Core\Curriculum\Teaching;

/** What the tests of Moves share. */
final class MovesFixture
{
    /** The catalogue after a move on one of its answers was made. */
    public static function moved(Catalogue $catalogue, Hole $hole, Move $move): Catalogue
    {
        $answers = array_map(function (Answer $answer) use ($catalogue, $hole, $move): Answer {
            if ($answer->id !== $move->answer) {
                return $answer;
            }

            $teaching = $answer->teaching;

            return new Answer(
                $answer->id,
                $answer->title,
                $answer->label,
                $answer->attack,
                $move->kind === MoveKind::Mirror
                    ? Matching::of($catalogue->attackOf($answer), $answer->matching->listed, true)
                    : $answer->matching,
                $move->kind === MoveKind::Earlier
                    ? new Teaching(
                        (string) $hole->rank,
                        null,
                        $teaching->doctrine,
                        $teaching->mistakes,
                        $teaching->waived,
                    )
                    : $teaching,
                $answer->beats,
            );
        }, $catalogue->answers);

        return new Catalogue(
            $catalogue->school,
            [],
            $catalogue->ranks,
            $catalogue->ladder,
            $catalogue->attacks,
            $answers,
        );
    }

    /** @return list<string> attack and side of every hole */
    public static function gaps(Catalogue $catalogue): array
    {
        return array_map(
            fn (Hole $hole): string => $hole->attack.' '.$hole->side->value,
            Coverage::of($catalogue)->holes,
        );
    }
}
