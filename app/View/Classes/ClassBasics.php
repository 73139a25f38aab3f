<?php

declare(strict_types=1);

namespace App\View\Classes;

use App\Models\School;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use StoneDrill\Core\Session\Teaching;

/** What basics a class is due, because a mark is missing or mistakes grow, and what is told of those of tonight. */
final readonly class ClassBasics
{
    private BasicMistakes $mistakes;

    /** @var array<string, list<string>> basics whose mistakes grow, with those mistakes */
    private array $growing;

    private DueBasics $marks;

    /**
     * @param Collection<int, Student> $students of the class
     * @param CarbonImmutable          $at       when it is
     * @param CarbonImmutable          $until    reps until then tell it
     */
    public function __construct(
        School $school,
        Teaching $teaching,
        Collection $students,
        CarbonImmutable $at,
        CarbonImmutable $until,
    ) {
        $this->mistakes = new BasicMistakes($school, $teaching, $until);
        $this->growing = $this->mistakes->growing();
        $this->marks = new DueBasics($school, $students, $at);
    }

    /** @return list<string> those that are due whatever is taught: where most marks are missing first */
    public function due(): array
    {
        return array_values(array_unique([...$this->marks->names(), ...array_keys($this->growing)]));
    }

    /**
     * @param list<string> $basics of tonight
     *
     * @return list<array{name: string, url: string, due: string, grows: bool, mistakes: string}> with the mistakes that
     *     are seen in them, and who is to be marked
     */
    public function rows(array $basics): array
    {
        return array_map(
            fn (string $basic): array => [
                'name' => $basic,
                ...$this->marks->of($basic),
                'grows' => isset($this->growing[$basic]),
                'mistakes' => implode(' · ', $this->growing[$basic] ?? $this->mistakes->usual($basic)),
            ],
            $basics,
        );
    }
}
