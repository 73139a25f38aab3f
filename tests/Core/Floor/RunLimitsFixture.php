<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Checks\Examination;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Matching;
use StoneDrill\Core\Curriculum\Teaching;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Floor\Bodies;
use StoneDrill\Core\Technique\Beats;

/** What the tests of RunLimits share. */
final class RunLimitsFixture
{
    /**
     * A catalogue whose answers are made to cost: one of 500 beats, one that goes on to it 200 times, and a short one.
     */
    public static function costly(): Catalogue
    {
        $catalogue = (new CatalogueReader())->read(
            str_replace(
                "answers:\n",
                "  - { id: other, title: Thumb down, kind: wrist-cross, hand: right, bearing: \"12\", thumb: down, phase: landed, intent: move, needed_by: first, prevalence: 4 }\nanswers:\n",
                (string) file_get_contents(dirname(__DIR__, 2).'/fixtures/small.yaml'),
            ),
            Format::Yaml,
        )->catalogue;
        $named = static function (string $title, string $beats) use ($catalogue): Answer {
            $made = $catalogue->answers[0];

            return new Answer(
                $title,
                $title,
                '',
                $made->attack,
                Matching::of($catalogue->attackOf($made), $made->matching->listed, true),
                new Teaching($made->teaching->rank),
                Beats::parse($beats),
            );
        };

        return $catalogue->withAnswers([
            $catalogue->answers[0],
            $named('Long', str_repeat("right palm chin -> rocked\n", 500)),
            $named(
                'Goer',
                "right palm chin -> rocked\n".str_repeat("  if far: go to \"Long\" beat 1\n", 200)."leave 6\n",
            ),
            $named('Goes once', "right palm chin -> rocked\n  if not: go to \"Gate\" beat 1\nleave 6\n"),
        ]);
    }

    public static function costs(string $id, Catalogue $catalogue): Examination
    {
        return (new Examiner(Standards::of($catalogue)))->examine(
            array_column($catalogue->answers, null, 'id')[$id],
            $catalogue->attacks[0],
            Side::Written,
            new Bodies(1.68, 1.68),
        );
    }
}
