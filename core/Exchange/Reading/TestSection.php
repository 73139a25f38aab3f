<?php

declare(strict_types=1);

namespace StoneDrill\Core\Exchange\Reading;

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Session\PlannedTest;
use StoneDrill\Core\Text;

/** Reads `tests`. */
final readonly class TestSection
{
    private const ITEMS = ['list', 'drawn'];

    /**
     * @param array<array-key, mixed> $ranks    by id
     * @param array<array-key, mixed> $students by id
     * @param array<array-key, mixed> $classes  by id
     * @param array<array-key, mixed> $attacks  by id
     * @param array<array-key, mixed> $reps     by id
     */
    public function __construct(
        private array $ranks,
        private array $students,
        private array $classes,
        private array $attacks,
        private array $reps,
    ) {}

    /** @return list<PlannedTest> */
    public function tests(Fields $file): array
    {
        $tests = [];
        foreach ($file->maps('tests', ['id', 'rank', 'at', 'candidates', 'classes', 'items', 'results']) as $in) {
            $test = new PlannedTest(
                $in->id(),
                $in->reference('rank', $this->ranks, Text::of('file.rank-id')),
                $in->moment('at'),
                $in->choices('candidates', array_map(strval(...), array_keys($this->students))),
                $in->choices('classes', array_map(strval(...), array_keys($this->classes))),
                $in->has('items') && $in->choice('items', self::ITEMS) === 'drawn',
                $this->results($in),
            );
            if ($in->isSound()) {
                $tests[] = $test;
            }
        }

        return $tests;
    }

    /** @return list<array{student: string, attack: string, side: string, rep: string}> */
    private function results(Fields $test): array
    {
        $results = [];
        foreach ($test->maps('results', ['student', 'attack', 'side', 'rep']) as $in) {
            $rep = $in->uuid('rep');
            if ($in->isSound() && ! isset($this->reps[$rep])) {
                $in->refuse('rep', Text::of('file.a-rep'));
            }
            $result = [
                'student' => $in->reference('student', $this->students, Text::of('file.student-id')),
                'attack' => $in->reference('attack', $this->attacks, Text::of('file.attack-id')),
                'side' => $in->word('side', Side::class)->value,
                'rep' => $rep,
            ];
            if ($in->isSound()) {
                $results[] = $result;
            }
        }

        return $results;
    }
}
