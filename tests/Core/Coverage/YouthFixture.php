<?php

declare(strict_types=1);

namespace Tests\Core\Coverage;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Need;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Matching;
use StoneDrill\Core\Curriculum\Teaching;
use StoneDrill\Core\Technique\Beats;
use Tests\Support\Made;

/** What the tests of youth share. */
final class YouthFixture
{
    /** A wrist hold that grown-ups need at a and youth at b, with one answer of which youth learns so much. */
    public static function school(?string $rankYouth, string $beats): Catalogue
    {
        $one = Made::attack(id: 'w');
        $attack = new Attack('w', 'Wrist', $one->kind, $one->facets, new Need('a', 'b'));

        return Made::catalogue(
            [$attack],
            [
                new Answer(
                    'x',
                    'X',
                    '',
                    'w',
                    Matching::of($attack, [], true),
                    new Teaching('a', rankYouth: $rankYouth),
                    Beats::parse($beats),
                ),
            ],
        );
    }
}
