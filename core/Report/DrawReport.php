<?php

declare(strict_types=1);

namespace StoneDrill\Core\Report;

use DateTimeImmutable;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Rung;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Drill\Draw;
use StoneDrill\Core\Drill\HiddenMoment;
use StoneDrill\Core\Drill\Pool;
use StoneDrill\Core\Drill\Ticket;
use StoneDrill\Core\Drill\Warning;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Proof\Prover;
use StoneDrill\Core\Proof\Rep;
use StoneDrill\Core\Proof\Windows;
use StoneDrill\Core\Text;

/** What a student is drilled on next at a rung, and when it comes. */
final readonly class DrawReport implements Report
{
    /**
     * @param float      $wait   seconds until the attack comes
     * @param Answer     $answer the first that is taught of those the student may drill
     * @param list<Text> $barred why attacks are left out
     */
    private function __construct(
        public Draw $draw,
        public Ticket $ticket,
        public float $wait,
        public Answer $answer,
        public Warning $warning,
        public array $barred,
    ) {}

    /** Null where the student has nothing to be drilled on. */
    public static function of(SchoolFile $file, Student $student, Rung $rung, int $seed, DateTimeImmutable $at): ?self
    {
        $catalogue = $file->catalogue;
        $youth = $catalogue->forYouth();
        $pool = new Pool($catalogue, Coverage::of($catalogue)->cells, $youth, Coverage::of($youth)->cells, $at);
        $replaced = Prover::replaced($file->reps);
        $reps = array_values(
            array_filter(
                $file->reps,
                static fn (Rep $rep): bool => $rep->student === $student->id
                    && $rep->at <= $at
                    && ! isset($replaced[$rep->id]),
            ),
        );
        $families = array_map(
            static fn (Attack $attack): Family => $attack->kind->family,
            array_column($catalogue->attacks, null, 'id'),
        );
        $windows = Windows::of(
            $reps,
            $catalogue->attacks,
            $catalogue->ladder,
            $at,
            ProofRules::of($catalogue->school->proof),
        )[$student->id] ?? [];
        $draw = Draw::of($pool->tickets($student, $rung->id, $windows), Pool::latest($reps, $families));
        $next = $draw->next($seed);
        if ($next === null) {
            return null;
        }
        [$ticket, $chance] = $next;
        $answer = $pool->answers($student, $ticket->cell)[0];

        return new self(
            $draw,
            $ticket,
            HiddenMoment::wait($chance),
            $answer,
            Warning::of($ticket->cell, $answer->beats, $catalogue->school->asks->reaction, $rung, $draw->entropy()),
            $pool->barred($student),
        );
    }

    public function document(): array
    {
        return [
            'attack' => $this->ticket->cell->attack->id,
            'side' => $this->ticket->cell->side->value,
            'entropy_bits' => $this->draw->entropy(),
            'wait_s' => $this->wait,
            'reaction_s' => $this->warning->reaction,
            'time_to_spare_s' => $this->warning->spare,
            'warning_m' => $this->warning->distance,
        ];
    }
}
