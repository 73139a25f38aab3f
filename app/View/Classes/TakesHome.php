<?php

declare(strict_types=1);

namespace App\View\Classes;

use App\Models\Student;
use App\Models\TrainingClass;
use App\Persistence\HomeBook;
use Illuminate\Support\Collection;
use StoneDrill\Core\Session\HomeItem;

/** What each of a class takes home: the sheet of that week, of whoever has something on it. */
final readonly class TakesHome
{
    /** @var list<array{id: int, name: string, items: string}> */
    public array $rows;

    /** @param Collection<int, Student> $students in the order in which they are told */
    public function __construct(TrainingClass $class, Collection $students)
    {
        $sheets = app(HomeBook::class)->of($class->school, $students, $class->school->weekOf($class->at));
        $rows = [];
        foreach ($students as $student) {
            if ($sheets[$student->id] !== []) {
                $rows[] = [
                    'id' => $student->id,
                    'name' => $student->name,
                    'items' => implode(' · ', array_map(self::item(...), $sheets[$student->id])),
                ];
            }
        }
        $this->rows = $rows;
    }

    private static function item(HomeItem $item): string
    {
        return sided($item->answer->title, $item->side);
    }
}
