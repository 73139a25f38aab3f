<?php

declare(strict_types=1);

namespace App\View\Solos;

use App\Models\Solo;
use App\Models\Student;
use App\Persistence\SoloBook;

/** What one student is asked to do alone, and how it stands. */
final readonly class StudentSolos
{
    /** @var list<array{solo: Solo, kind: string, text: string, due: bool}> what is due first */
    public array $rows;

    public function __construct(Student $student, SoloBook $book)
    {
        $book->read([$student->id]);
        $this->rows = array_values(
            $book
                ->askedOf($student)
                ->map(
                    static fn (Solo $solo): array => [
                        'solo' => $solo,
                        'kind' => __("solos.kinds.{$solo->kind->value}"),
                        'text' => StandingText::of($book, $student, $solo),
                        'due' => $book->standing($student, $solo)->isDue(),
                    ],
                )
                ->sortByDesc('due')
                ->values()
                ->all(),
        );
    }
}
