<?php

declare(strict_types=1);

namespace App\View\Board;

use DateTimeImmutable;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Proof\ProofState;
use StoneDrill\Core\Proof\Window;

/** What one student has proven against one side of one attack at a rung. */
final readonly class ProofLine
{
    public ProofState $state;

    /** 0 to 1. */
    public float $lower;

    /** How many tries the bound is read from: the latest that count. */
    public int $count;

    public ?DateTimeImmutable $fadesOn;

    /** @param Window $window what is kept of the tries */
    public function __construct(
        public Student $student,
        public Attack $attack,
        public Side $side,
        public int $rung,
        Window $window,
        DateTimeImmutable $at,
    ) {
        $evidence = $window->evidence($rung, $at);
        $this->state = $window->state($rung, $at);
        $this->lower = $this->state === ProofState::Untried ? 0.0 : $evidence->lower();
        $this->count = count($window->tries);
        $this->fadesOn = $this->state === ProofState::Holds ? $window->fadesOn($rung, $at) : null;
    }

    /**
     * Of every side of an attack.
     *
     * @param array<string, Window> $windows by the cell's key
     *
     * @return list<self>
     */
    public static function of(Student $student, Attack $attack, int $rung, array $windows, DateTimeImmutable $at): array
    {
        return array_map(
            static fn (Side $side): self => new self(
                $student,
                $attack,
                $side,
                $rung,
                $windows[CellKey::of($attack, $side)->text] ?? Window::empty(),
                $at,
            ),
            $attack->sides(),
        );
    }

    public function text(): string
    {
        return (new ProofWords())->of($this);
    }
}
