<?php

declare(strict_types=1);

namespace StoneDrill\Core\Report;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Checks\Timeliness;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\Cells;
use StoneDrill\Core\Coverage\Works;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Sizes;

/** Which of the answers to an attack when: what each needs of notice and distance, and whether it works. */
final readonly class WhenReport implements Report
{
    /** @param list<Timeliness> $answers the one that needs the least first */
    private function __construct(public Cell $cell, public array $answers) {}

    public static function of(Catalogue $catalogue, Attack $attack, ?Works $works = null): self
    {
        $works ??= new Works($catalogue);

        return self::ofCell($catalogue, Cells::of($catalogue, [$attack], $works->from(...))[0]);
    }

    /** @param Cell $cell an attack as it is written, with the answers that are taught against it */
    public static function ofCell(Catalogue $catalogue, Cell $cell): self
    {
        $attack = $cell->attack;
        $standards = Standards::of($catalogue);
        $bodies = (new Sizes($catalogue->school))->bodies(null, null, $attack->facets->build);
        $answers = array_map(
            static fn (string $id): Timeliness => Timeliness::of(
                $standards,
                self::onItsSide($catalogue->answer($id), $attack),
                $attack,
                Side::Written,
                $bodies,
            ),
            $cell->answers,
        );
        usort(
            $answers,
            static fn (Timeliness $a, Timeliness $b): int => [$a->needs, $a->answer->id] <=> [
                $b->needs,
                $b->answer->id,
            ],
        );

        return new self($cell, $answers);
    }

    public function works(Timeliness $one): bool
    {
        return isset($this->cell->worksFrom[$one->answer->id]);
    }

    public function document(): array
    {
        return [
            'attack' => $this->cell->attack->id,
            'answers' => array_map(
                fn (Timeliness $one): array => [
                    'answer' => $one->answer->id,
                    'works' => $this->works($one),
                    'needs_s' => round($one->needs, 6),
                    'arrives_s' => $one->arrival,
                    'spare_s' => $one->spare === null ? null : round($one->spare, 6),
                    'distance_m' => round($one->distance, 6),
                ],
                $this->answers,
            ),
        ];
    }

    private static function onItsSide(Answer $answer, Attack $attack): Answer
    {
        return $answer->matching->coversAsWritten($attack->kind, $attack->facets)
            ? $answer
            : $answer->withBeats($answer->beats->mirror());
    }
}
