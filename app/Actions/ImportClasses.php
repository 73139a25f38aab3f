<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\School;
use App\Models\TrainingClass;
use App\Persistence\RowSync;
use Carbon\CarbonImmutable;
use StoneDrill\Core\Session\PlannedClass;

/** Brings the classes of a file into a school: when they are, for whom, how their time is shared out, who came. */
final readonly class ImportClasses
{
    public function __construct(private RowSync $rows) {}

    /**
     * @param list<PlannedClass> $classes
     * @param array<string, int> $students ids of the rows by code
     *
     * @return array<string, int> ids of the rows by code
     */
    public function import(array $classes, School $school, array $students): array
    {
        if ($classes === []) {
            return [];
        }
        $rows = array_map(
            static fn (PlannedClass $class): array => [
                'code' => $class->id,
                'at' => CarbonImmutable::instance($class->at)->utc(),
                'minutes' => $class->facts->minutes,
                'place' => $class->place,
                'places' => $class->facts->places,
                'pads' => $class->facts->pads,
                'instructors' => $class->facts->instructors,
                'ranks' => $class->expected->ranks,
                'ages' => $class->expected->ages?->value,
                'named' => array_map(
                    static fn (string $code): int => $students[$code],
                    $class->expected->students,
                ),
                'teach' => $class->facts->wishes->teach,
                'skip' => $class->facts->wishes->skip,
                'all_sizes' => $class->facts->wishes->mixesSizes,
                'steps_in' => $class->facts->wishes->stepsIn,
                'blocks' => $class->blocks() === [] ? null : TrainingClass::kept($class->blocks()),
            ],
            $classes,
        );
        $ids = $this->rows->sync('classes', $school->classes(), 'code', $rows);
        foreach ($classes as $class) {
            $row = $school->classes()->findOrFail($ids[$class->id]);
            $row->present()->sync(
                array_fill_keys(array_map(static fn (string $code): int => $students[$code], $class->present), [
                    'school_id' => $school->id,
                ]),
            );
            if ($class->isCancelled !== ($row->cancelled_at !== null)) {
                $row->update(['cancelled_at' => $class->isCancelled ? CarbonImmutable::now() : null]);
            }
        }

        return $ids;
    }
}
