<?php

declare(strict_types=1);

namespace App\View\Drill;

use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Sizes;
use StoneDrill\Core\Floor\Hit;
use StoneDrill\Core\Floor\Situation;
use StoneDrill\Core\Technique\Target;

/** What is within reach of the defender when an attack begins, for those who improvise. */
final readonly class WithinReach
{
    /** Strikes that are told of an attack. */
    private const TOLD = 4;

    /** Where a strike stops somebody, without the hazards that the head, neck, spine and joints have. */
    private const TARGETS = [
        Target::SolarPlexus, Target::Belly, Target::Ribs, Target::Groin, Target::Thigh, Target::Shin, Target::Instep,
    ];

    private Sizes $sizes;

    public function __construct(Catalogue $catalogue)
    {
        $this->sizes = new Sizes($catalogue->school);
    }

    /** The most to spare first, each limb and each target once. */
    public function text(Cell $cell): string
    {
        $situation = Situation::of(
            $cell->attack->kind,
            $cell->facets,
            $this->sizes->bodies(null, null, $cell->attack->facets->build),
            self::TARGETS,
        );

        return implode(
            ', ',
            array_map(
                static fn (Hit $hit): string => __('mat.reach-of', [
                    'weapon' => $hit->weapon(),
                    'target' => $hit->target->value,
                    'cm' => (int) $hit->centimetres(),
                ]),
                $situation->foremost(self::TOLD),
            ),
        );
    }
}
