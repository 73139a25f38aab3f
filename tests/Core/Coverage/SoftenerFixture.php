<?php

declare(strict_types=1);

namespace Tests\Core\Coverage;

use StoneDrill\Core\Coverage\Softener;
use StoneDrill\Core\Curriculum\ContactPolicy;
use StoneDrill\Core\Curriculum\Doctrine;
use StoneDrill\Core\Curriculum\Hazard;
use StoneDrill\Core\Curriculum\PolicyLevel;
use StoneDrill\Core\Curriculum\PolicyRow;
use StoneDrill\Core\Curriculum\School;
use StoneDrill\Core\Technique\Beats;

/** What the tests of Softener share. */
final class SoftenerFixture
{
    /** @param list<Hazard> $barred */
    public static function softened(array $barred, string $beats): ?string
    {
        $policy = ContactPolicy::of(
            new School(
                'Hall',
                Doctrine::Escape,
                policy: array_map(
                    static fn (Hazard $hazard): PolicyRow => new PolicyRow($hazard, null, null, PolicyLevel::NotTaught),
                    $barred,
                ),
            ),
            ['a'],
        );

        return (new Softener($policy, 'a'))->soften(Beats::parse($beats))?->toText();
    }
}
