<?php

declare(strict_types=1);

namespace App\View\Solos;

use App\Models\School;
use App\Models\Solo;
use App\Models\Student;
use App\Persistence\SoloBook;
use Carbon\CarbonImmutable;
use StoneDrill\Core\Solo\Standing;

/** Basics and forms of a school by rank, each with how many of those it is asked of do it. */
final readonly class SoloList
{
    /** @var array<string, list<array{solo: Solo, kind: string, sound: string}>> by the name of the rank */
    public array $ranks;

    /** Days after which a sound mark is faded. */
    public int $fadesAfter;

    public function __construct(School $school, CarbonImmutable $now)
    {
        $students = $school->students()->with('rank')->get();
        $book = (new SoloBook($school, $now))->read(array_values($students->modelKeys()));
        $positions = $students
            ->mapWithKeys(static fn (Student $student): array => [$student->id => $student->rank->position])
            ->all();
        $ranks = [];
        foreach ($book->solos as $solo) {
            [$id, $from] = [$solo->id, $solo->rank->position];
            $asked = array_keys(array_filter($positions, static fn (int $position): bool => $position >= $from));
            $count = array_count_values(
                array_map(static fn (int $student): string => $book->standingOf($student, $id)->value, $asked),
            );
            $faded = $count[Standing::Faded->value] ?? 0;
            $ranks[$solo->rank->name][] = [
                'solo' => $solo,
                'kind' => __("solos.kinds.{$solo->kind->value}"),
                'sound' => __($faded === 0 ? 'solos.sound-of' : 'solos.sound-of-faded', [
                    'sound' => $count[Standing::Sound->value] ?? 0,
                    'all' => count($asked),
                    'faded' => $faded,
                ]),
            ];
        }
        $this->ranks = $ranks;
        $this->fadesAfter = (int) round($school->half_life);
    }
}
