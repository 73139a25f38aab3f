<?php

declare(strict_types=1);

namespace StoneDrill\Core\Exchange;

use DateTimeInterface;
use StoneDrill\Core\Geometry\Point;
use StoneDrill\Core\Solo\Basic;
use StoneDrill\Core\Solo\BasicSide;
use StoneDrill\Core\Solo\FootPlan;
use StoneDrill\Core\Solo\Mark;
use StoneDrill\Core\Solo\Practice;
use StoneDrill\Core\Solo\SoloForm;
use StoneDrill\Core\Solo\SoloMark;

/**
 * Writes what is practised alone, and how it went: the part of {@see CatalogueWriter} for `basics`, `forms`, `marks`
 * and `practised`.
 */
final readonly class SoloWriter
{
    /**
     * @return array{basics: list<array<string, mixed>>, forms: list<array<string, mixed>>, marks: list<array<string,
     *     mixed>>, practised: list<array<string, mixed>>}
     */
    public function sections(SchoolFile $file): array
    {
        return [
            'basics' => array_map(self::basic(...), $file->basics),
            'forms' => array_map(self::form(...), $file->forms),
            'marks' => array_map(self::mark(...), $file->marks),
            'practised' => array_map(self::practice(...), $file->practised),
        ];
    }

    /** @return array<string, mixed> */
    private static function basic(Basic $basic): array
    {
        return CatalogueWriter::filled([
            'id' => $basic->id,
            'name' => $basic->name,
            'kind' => $basic->kind->value,
            'word' => $basic->word?->value,
            'rank' => $basic->rank,
            'side' => $basic->side === BasicSide::Both ? null : $basic->side->value,
            'surface' => $basic->surface,
            'points' => $basic->points,
            'mistakes' => $basic->mistakes,
            'feet' => $basic->feet === null ? null : self::feet($basic->feet),
        ]);
    }

    /** @return array<string, mixed> */
    private static function feet(FootPlan $feet): array
    {
        return CatalogueWriter::filled([
            'left' => self::foot($feet->left, $feet->leftTurned),
            'right' => self::foot($feet->right, $feet->rightTurned),
            'weight' => $feet->weight,
        ]);
    }

    /** @return list<float> */
    private static function foot(Point $at, float $turned): array
    {
        return $turned === 0.0 ? [$at->x, $at->y] : [$at->x, $at->y, $turned];
    }

    /** @return array<string, mixed> */
    private static function form(SoloForm $form): array
    {
        return ['id' => $form->id, 'title' => $form->title, 'rank' => $form->rank, 'beats' => $form->toText()];
    }

    /** @return array<string, mixed> */
    private static function mark(SoloMark $mark): array
    {
        return CatalogueWriter::filled([
            'student' => $mark->student,
            'basic' => $mark->basic,
            'form' => $mark->form,
            'mark' => $mark->mark->value,
            'at' => $mark->at->format(DateTimeInterface::ATOM),
            'mistakes' => $mark->mistakes,
            'beats' => array_map(static fn (Mark $one): string => $one->value, $mark->beats),
        ]);
    }

    /** @return array<string, mixed> */
    private static function practice(Practice $practice): array
    {
        return CatalogueWriter::filled([
            'student' => $practice->student,
            'basic' => $practice->basic,
            'form' => $practice->form,
            'at' => $practice->at->format(DateTimeInterface::ATOM),
        ]);
    }
}
