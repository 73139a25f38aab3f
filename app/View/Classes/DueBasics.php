<?php

declare(strict_types=1);

namespace App\View\Classes;

use App\Models\School;
use App\Models\Solo;
use App\Models\Student;
use App\Persistence\SoloBook;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;

/** Basics and forms that those of a class are asked and that are to be marked: never marked, not sound, or faded. */
final readonly class DueBasics
{
    /**
     * @var array<string, array{solo: Solo, id: int, position: int, count: int}> by the word of the notation, or the
     *     name where there is none
     */
    private array $due;

    /** @param Collection<int, Student> $students of the class */
    public function __construct(School $school, Collection $students, CarbonImmutable $at)
    {
        $book = (new SoloBook($school, $at))->read(
            array_values($students->map(static fn (Student $student): int => $student->id)->all()),
        );
        // Of everybody for each basic: models would take most of the time to say what they hold.
        $asked = $book->solos
            ->map(
                static fn (Solo $solo): array => [
                    $solo,
                    $solo->id,
                    $solo->word === '' ? $solo->name : $solo->word,
                    $solo->rank->position,
                ],
            )
            ->all();
        $due = [];
        foreach ($students as $student) {
            [$whose, $position] = [$student->id, $student->rank->position];
            foreach ($asked as [$solo, $id, $name, $from]) {
                if ($from <= $position && $book->standingOf($whose, $id)->isDue()) {
                    // Of several that are one word the first that is asked stands for it.
                    $due[$name] ??= ['solo' => $solo, 'id' => $id, 'position' => $from, 'count' => 0];
                    $due[$name]['count'] += $due[$name]['id'] === $id ? 1 : 0;
                }
            }
        }
        uasort(
            $due,
            static fn (array $a, array $b): int => [$b['count'], $a['position'], $a['id']] <=> [
                $a['count'],
                $b['position'],
                $b['id'],
            ],
        );
        $this->due = $due;
    }

    /** @return list<string> those of most first */
    public function names(): array
    {
        return array_map(strval(...), array_keys($this->due));
    }

    /** @return array{url: string, due: string} where it is marked, and of how many; empty where nothing is due */
    public function of(string $name): array
    {
        $due = $this->due[$name] ?? null;

        return [
            'url' => $due === null ? '' : route('basics.show', $due['solo']),
            'due' => $due === null ? '' : trans_choice('classes.due', $due['count'], ['name' => $due['solo']->name]),
        ];
    }
}
