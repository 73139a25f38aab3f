<?php

declare(strict_types=1);

namespace App\Mat;

use App\Models\Student;
use StoneDrill\Core\Pressure\Draw;
use StoneDrill\Core\Pressure\ProofState;
use StoneDrill\Core\Pressure\Rung;
use StoneDrill\Core\Pressure\Ticket;
use StoneDrill\Core\Pressure\Timing;
use StoneDrill\Core\Pressure\Warning;

/** What a drill as it is set up asks of each who is here. */
final readonly class DrillOutlook
{
    public Rung $rung;

    /** @var list<array{student: Student, count: int, bits: float, reaction: float, barred: list<string>, tight: list<array{title: string, spare: float, distance: float, proof: string}>}> */
    public array $people;

    /**
     * @param Kit                     $kit   of those who are here
     * @param array<array-key, mixed> $asked rung, list
     */
    public function __construct(Kit $kit, array $asked)
    {
        $rungs = $kit->catalogue->ladder->ids();
        $rung = is_numeric($asked['rung'] ?? null) ? (int) $asked['rung'] : $rungs[0];
        $this->rung = $kit->catalogue->ladder->get(in_array($rung, $rungs, true) ? $rung : $rungs[0]);
        $list = is_string($asked['list'] ?? null) ? $asked['list'] : 'most';
        $this->people = array_values($kit->students->map(fn (Student $student): array => $this->person($kit, $student, $list))->all());
    }

    /** @return array{student: Student, count: int, bits: float, reaction: float, barred: list<string>, tight: list<array{title: string, spare: float, distance: float, proof: string}>} */
    private function person(Kit $kit, Student $student, string $list): array
    {
        $isYouth = $kit->isYouth($student);
        $tickets = array_values(array_filter($kit->tickets($student, $this->rung->id), static fn (Ticket $ticket): bool => $kit->filter->leaves($list, $ticket->cell, $isYouth) && ($list !== 'holes' || $kit->stateOf($student, $ticket->cell) !== ProofState::Holds)));
        $bits = Draw::of($tickets)->entropy();
        $tight = [];
        foreach ($tickets as $ticket) {
            $warning = Warning::of($ticket->cell, $kit->answersOf($student, $ticket->cell)[0]->beats, $this->rung, $bits);
            if ($warning->spare !== null) {
                $tight[] = ['title' => $ticket->cell->attack->title.($ticket->cell->side->value === 'mirrored' ? ' (mirrored)' : ''), 'spare' => $warning->spare, 'distance' => $warning->distance ?? 0.0, 'proof' => $kit->proofOf($student, $ticket->cell)->says()];
            }
        }
        usort($tight, static fn (array $a, array $b): int => [$a['spare'], $a['title']] <=> [$b['spare'], $b['title']]);

        return [
            'student' => $student,
            'count' => count($tickets),
            'bits' => $bits,
            'reaction' => Timing::reaction($bits, $this->rung),
            'barred' => $kit->barred($student),
            'tight' => $tight,
        ];
    }
}
