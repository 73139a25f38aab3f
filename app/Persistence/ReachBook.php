<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\School;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Sizes;
use StoneDrill\Core\Floor\Hit;
use StoneDrill\Core\Floor\Situation;
use StoneDrill\Core\Technique\Target;

/** What is within reach of the defender when an attack begins, for those who improvise; kept until the curriculum changes. */
final readonly class ReachBook
{
    private const SECONDS = 7 * 86_400;

    /** Strikes that are told of an attack. */
    private const TOLD = 4;

    /** Where a strike stops somebody, without the hazards that the head, neck, spine and joints have. */
    private const TARGETS = [Target::SolarPlexus, Target::Belly, Target::Ribs, Target::Groin, Target::Thigh, Target::Shin, Target::Instep];

    /** Cells beyond which a catalogue is too large for it: each takes some ten milliseconds. */
    private const MAX_CELLS = 400;

    public function __construct(private RevisionCache $kept) {}

    /**
     * @param list<Cell> $cells of the catalogue
     *
     * @return array<string, list<array{weapon: string, target: string, cm: int}>> the most to spare first, each limb and each target once, by the cell's key
     */
    public function of(School $school, Catalogue $catalogue, array $cells): array
    {
        return count($cells) > self::MAX_CELLS ? [] : $this->kept->of("reach:{$school->id}", Revision::ofCurriculum($school), self::SECONDS, static fn (): array => self::find($catalogue, $cells));
    }

    /**
     * @param list<Cell> $cells
     *
     * @return array<string, list<array{weapon: string, target: string, cm: int}>>
     */
    private static function find(Catalogue $catalogue, array $cells): array
    {
        $sizes = new Sizes($catalogue->school);
        $found = [];
        foreach ($cells as $cell) {
            $situation = Situation::of($cell->attack->kind, $cell->facets, $sizes->bodies(null, null, $cell->attack->facets->build), self::TARGETS);
            $found[$cell->key->text] = array_map(self::told(...), $situation->foremost(self::TOLD));
        }

        return $found;
    }

    /** @return array{weapon: string, target: string, cm: int} */
    private static function told(Hit $hit): array
    {
        return ['weapon' => $hit->weapon(), 'target' => $hit->target->value, 'cm' => (int) $hit->centimetres()];
    }
}
