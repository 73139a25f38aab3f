<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Feasibility;
use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Attack\Need;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Matching;
use StoneDrill\Core\Curriculum\Rank;
use StoneDrill\Core\Curriculum\Teaching;

/**
 * So many attacks and answers over ten ranks, the same ones every time. The answers have the beats of the demo's.
 *
 * @return array{ranks: list<Rank>, attacks: list<Attack>, answers: list<Answer>}
 */
function large(Catalogue $demo, int $size): array
{
    mt_srand(1);
    $kinds = Kinds::builtIn()->all();
    $feasibility = new Feasibility();
    $ranks = array_map(static fn (int $number): Rank => new Rank("r{$number}", "Rank {$number}", 8, 3), range(1, 10));
    $attacks = $answers = [];
    for ($i = 0; $i < $size; $i++) {
        $kind = $kinds[$i % count($kinds)];
        $chosen = [];
        foreach (Facet::cases() as $facet) {
            $allowed = $feasibility->allowed($kind, $facet, $chosen);
            $chosen[$facet->value] = $allowed[mt_rand(0, count($allowed) - 1)];
        }
        $rank = 'r'.mt_rand(1, 10);
        $attacks[] = new Attack(
            "a{$i}",
            "Attack {$i}",
            $kind,
            Facets::of($chosen),
            new Need($rank, $rank),
            mt_rand(1, 5),
        );
    }
    for ($i = 0; $i < $size; $i++) {
        $to = $attacks[mt_rand(0, $size - 1)];
        $answers[] = new Answer(
            "x{$i}",
            "Answer {$i}",
            '',
            $to->id,
            Matching::of($to, ['place' => null, 'build' => null], $i % 2 === 0),
            new Teaching('r'.mt_rand(1, 10)),
            $demo->answers[$i % count($demo->answers)]->beats,
        );
    }

    return ['ranks' => $ranks, 'attacks' => $attacks, 'answers' => $answers];
}
