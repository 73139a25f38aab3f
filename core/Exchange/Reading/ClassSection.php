<?php

declare(strict_types=1);

namespace StoneDrill\Core\Exchange\Reading;

use StoneDrill\Core\Curriculum\ClassHabits;
use StoneDrill\Core\Session\Ages;
use StoneDrill\Core\Session\Block;
use StoneDrill\Core\Session\BlockKind;
use StoneDrill\Core\Session\ClassFacts;
use StoneDrill\Core\Session\ClassWishes;
use StoneDrill\Core\Session\Expected;
use StoneDrill\Core\Session\PlannedClass;
use StoneDrill\Core\Session\Timetable;

/** Reads `classes`. */
final readonly class ClassSection
{
    private const MAX_BLOCKS = 20;

    /**
     * @param array<array-key, mixed> $ranks    by id
     * @param array<array-key, mixed> $students by id
     * @param array<array-key, mixed> $answers  by id
     */
    public function __construct(
        private array $ranks,
        private array $students,
        private array $answers,
        private ClassHabits $habits,
    ) {}

    /** @return list<PlannedClass> */
    public function classes(Fields $file): array
    {
        $answers = array_map(strval(...), array_keys($this->answers));
        $students = array_map(strval(...), array_keys($this->students));
        $classes = [];
        foreach (
            $file->maps('classes', [
                'id', 'at', 'minutes', 'place', 'places', 'pads', 'instructors', 'expected', 'present', 'blocks', 'cancelled',
                'teach', 'skip', 'all_sizes', 'steps_in',
            ]) as $in
        ) {
            $expected = $in->map('expected', ['ranks', 'ages', 'students']);
            $class = new PlannedClass(
                $in->id(),
                $in->moment('at'),
                new ClassFacts(
                    $in->whole('minutes', ClassFacts::MIN_MINUTES, ClassFacts::MAX_MINUTES),
                    $this->blocks($in) ?: Timetable::usual(),
                    $in->wholeOr('places', PlannedClass::PLACES, 1, PlannedClass::MAX_PLACES),
                    $in->wholeOr('instructors', 1, 1, PlannedClass::MAX_INSTRUCTORS),
                    new ClassWishes(
                        $in->choices('teach', $answers),
                        $in->choices('skip', $answers),
                        $in->truth('all_sizes', false),
                        $in->truth('steps_in', false),
                    ),
                    $in->has('pads') ? $in->whole('pads', 1, PlannedClass::MAX_PLACES) : null,
                    $this->habits,
                ),
                $in->textOr('place', '', 200),
                new Expected(
                    $expected->choices('ranks', array_map(strval(...), array_keys($this->ranks))),
                    $expected->has('ages') ? $expected->word('ages', Ages::class) : null,
                    $expected->choices('students', $students),
                ),
                $in->choices('present', $students),
                $in->truth('cancelled', false),
            );
            if ($in->isSound()) {
                $classes[] = $class;
            }
        }

        return $classes;
    }

    /** @return list<Block> */
    private function blocks(Fields $class): array
    {
        $blocks = [];
        foreach ($class->maps('blocks', ['kind', 'minutes', 'locked']) as $place => $in) {
            $block = new Block(
                $in->word('kind', BlockKind::class),
                $in->wholeOr('minutes', 0, 0, ClassFacts::MAX_MINUTES),
                $in->truth('locked', false),
            );
            if ($in->isSound() && $place < self::MAX_BLOCKS) {
                $blocks[] = $block;
            }
        }

        return $blocks;
    }
}
