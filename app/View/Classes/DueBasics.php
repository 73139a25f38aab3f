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
    /** @var array<string, array{solo: Solo, count: int}> by the word of the notation, or the name where there is none */
    private array $due;

    /** @param Collection<int, Student> $students of the class */
    public function __construct(School $school, Collection $students, CarbonImmutable $at)
    {
        $book = (new SoloBook($school, $at))->read(array_values($students->map(static fn (Student $student): int => $student->id)->all()));
        $due = [];
        foreach ($students as $student) {
            foreach ($book->due($student) as $solo) {
                $name = $solo->word === '' ? $solo->name : $solo->word;
                // Of several that are one word the first that is asked stands for it.
                $due[$name] ??= ['solo' => $solo, 'count' => 0];
                $due[$name]['count'] += $due[$name]['solo']->is($solo) ? 1 : 0;
            }
        }
        uasort($due, static fn (array $a, array $b): int => [$b['count'], $a['solo']->rank->position, $a['solo']->id] <=> [$a['count'], $b['solo']->rank->position, $b['solo']->id]);
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

        return ['url' => $due === null ? '' : route('basics.show', $due['solo']), 'due' => $due === null ? '' : trans_choice('classes.due', $due['count'], ['name' => $due['solo']->name])];
    }
}
