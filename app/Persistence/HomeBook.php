<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\School;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use StoneDrill\Core\Drill\Preparation;
use StoneDrill\Core\Session\HomeItem;
use StoneDrill\Core\Session\HomeSheet;

/** What students practise alone in a week: the same from Monday to Sunday, whatever is recorded meanwhile. */
final readonly class HomeBook
{
    public function __construct(private CatalogueMapper $mapper, private PreparationBook $preparations) {}

    /**
     * @param Collection<int, Student> $students of the school, with their ranks
     * @param CarbonImmutable          $monday   on which the week begins; one that is still to come is told by what is
     *     known now
     *
     * @return array<int, list<HomeItem>> by the id of the row
     */
    public function of(School $school, Collection $students, CarbonImmutable $monday): array
    {
        $catalogue = $this->mapper->curriculum($school);
        $windows = (new WindowBook($school, $catalogue))->of(
            array_values($students->map(static fn (Student $student): int => $student->id)->all()),
            $monday->min(CarbonImmutable::now()),
        );
        $prepared = $this->preparations->until($school, $monday->subDay());
        $sheets = [];
        $items = [];
        foreach ($students as $student) {
            $core = $this->mapper->student($student);
            $isYouth = $core->isYouthOn($monday);
            $sheet = $sheets[(int) $isYouth] ??= new HomeSheet($isYouth ? $catalogue->forYouth() : $catalogue, $monday);
            $items[$student->id] = $sheet->of(
                $core,
                $windows[$student->id],
                Preparation::ofStudent($prepared, $student->code),
            );
        }

        return $items;
    }
}
