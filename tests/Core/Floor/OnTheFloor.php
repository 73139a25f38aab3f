<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Briefing;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Feasibility;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Attack\Need;
use StoneDrill\Core\Attack\Recoil;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Checks\Examination;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\AnswerStandard;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Doctrine;
use StoneDrill\Core\Curriculum\ForceLevels;
use StoneDrill\Core\Curriculum\Ladder;
use StoneDrill\Core\Curriculum\Leaving;
use StoneDrill\Core\Curriculum\Matching;
use StoneDrill\Core\Curriculum\Rank;
use StoneDrill\Core\Curriculum\School;
use StoneDrill\Core\Curriculum\Teaching;
use StoneDrill\Core\Floor\Bodies;
use StoneDrill\Core\Floor\Run;
use StoneDrill\Core\Floor\Simulation;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\EffectTimes;

/** Short ways to put two bodies on the floor and to have an answer examined. */
final class OnTheFloor
{
    /** @param array<string, string> $values facets that are not the first feasible ones */
    public static function run(
        string $kind,
        array $values,
        string $beats,
        float $defender = 1.68,
        float $attacker = 1.68,
    ): Run {
        $of = Kinds::builtIn()->get($kind);

        return (new Simulation($of, self::facets($of, $values), new Bodies($defender, $attacker)))->run(
            Beats::parse($beats),
        );
    }

    /** @param array<string, string> $values */
    public static function facets(Kind $kind, array $values): Facets
    {
        $usual = [
            'hand' => 'right', 'bearing' => '12', 'phase' => 'landed', 'entry' => 'step', 'posture' => 'standing',
            'notice' => 'ready', 'place' => 'open', 'others' => 'alone', 'build' => 'alike', 'thumb' => 'n/a',
        ];
        $chosen = [];
        foreach (Facet::cases() as $facet) {
            $allowed = (new Feasibility())->allowed($kind, $facet, $chosen);
            $wanted = $values[$facet->value] ?? ($usual[$facet->value] ?? '');
            $chosen[$facet->value] = in_array($wanted, $allowed, true) ? $wanted : $allowed[0];
        }

        return Facets::of($chosen);
    }

    /**
     * @param array<string, string> $values
     * @param array<string, mixed>  $with   `doctrine`, `rank`, `defender`, `attacker`, `rung`, `goal`, `recoil`,
     *     `tolerance`, `leaving`, `effects`, `turning`, `force`, `policy`,
     *     `others` (answers by title, each with rank and beats), `waived`
     */
    public static function examine(string $kind, array $values, string $beats, array $with = []): Examination
    {
        $of = Kinds::builtIn()->get($kind);
        $attack = new Attack(
            'it',
            'It',
            $of,
            self::facets($of, $values),
            new Need('low', 'low'),
            briefing: new Briefing(recoil: $with['recoil'] ?? Recoil::LeftOut),
        );
        $answer = self::answer('own', 'Own', $attack, $with['rank'] ?? 'high', $beats, $with['waived'] ?? []);
        $others = [];
        foreach ($with['others'] ?? [] as $title => [$rank, $text]) {
            $others[] = self::answer(strtolower($title), $title, $attack, $rank, $text);
        }
        $catalogue = new Catalogue(
            new School(
                'Bench',
                $with['doctrine'] ?? Doctrine::Counter,
                policy: $with['policy'] ?? null,
                asks: new AnswerStandard(
                    $with['tolerance'] ?? AnswerStandard::TOLERANCE,
                    leaving: $with['leaving'] ?? Leaving::Always,
                    effects: $with['effects'] ?? new EffectTimes(),
                    turning: $with['turning'] ?? AnswerStandard::TURNING,
                    force: $with['force'] ?? new ForceLevels(),
                ),
            ),
            [],
            [new Rank('low', 'Low', 3, 2), new Rank('high', 'High', 6, $with['goal'] ?? 4)],
            Ladder::builtIn(),
            [$attack],
            [$answer, ...$others],
        );
        $rung = isset($with['rung']) ? $catalogue->ladder->get($with['rung']) : null;

        return (new Examiner(Standards::of($catalogue)))->examine(
            $answer,
            $attack,
            Side::Written,
            new Bodies($with['defender'] ?? 1.68, $with['attacker'] ?? 1.68),
            $rung,
        );
    }

    /** @param list<\StoneDrill\Core\Curriculum\Waiver> $waived */
    private static function answer(
        string $id,
        string $title,
        Attack $attack,
        string $rank,
        string $beats,
        array $waived = [],
    ): Answer {
        return new Answer(
            $id,
            $title,
            '',
            $attack->id,
            Matching::of($attack),
            new Teaching($rank, waived: $waived),
            Beats::parse($beats),
        );
    }
}
