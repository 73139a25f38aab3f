<?php

declare(strict_types=1);

namespace App\View\Drill;

use App\Models\Student;
use StoneDrill\Core\Curriculum\Rung;
use StoneDrill\Core\Drill\Draw;
use StoneDrill\Core\Drill\Ticket;
use StoneDrill\Core\Drill\Warning;
use StoneDrill\Core\Proof\ProofState;
use StoneDrill\Core\Text;

/** What a drill as it is set up asks of each who is here. */
final readonly class DrillForecast
{
    /** The choice of the set-up that asks for what does not work. */
    public const FAILS = 'fails';

    public Rung $rung;

    /**
     * @var list<array{student: Student, drawn: string, ahead: string, barred: list<Text>, least: string,
     *     tight: list<array{title: string, spare: float, text: string, proof: string}>}>
     */
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
        $this->people = array_values(
            $kit->students->map(fn (Student $student): array => $this->person($kit, $student, $list))->all(),
        );
    }

    /**
     * @return array{student: Student, drawn: string, ahead: string, barred: list<Text>, least: string,
     *     tight: list<array{title: string, spare: float, text: string, proof: string}>}
     */
    private function person(Kit $kit, Student $student, string $list): array
    {
        $person = $kit->person($student);
        $isYouth = $person->isYouth();
        $tickets = array_values(
            array_filter(
                $list === self::FAILS ? $person->failing($this->rung->id) : $person->tickets($this->rung->id),
                static fn (Ticket $ticket): bool => $kit->filter->leaves($list, $ticket->cell, $isYouth)
                    && ($list !== 'holes' || $person->stateOf($ticket->cell) !== ProofState::Holds),
            ),
        );
        $bits = Draw::of($tickets)->entropy();
        /** @var list<array{title: string, spare: float, text: string, proof: string}> $tight */
        $tight = [];
        foreach ($tickets as $ticket) {
            $warning = Warning::of(
                $ticket->cell,
                $person->answersOf($ticket->cell)[0]->beats,
                $kit->catalogue->school->asks->reaction,
                $this->rung,
                $bits,
            );
            if ($warning->spare !== null) {
                $tight[] = [
                    'title' => sided($ticket->cell->attack->title, $ticket->cell->side),
                    'spare' => $warning->spare,
                    'text' => $this->spare($warning->spare, $warning->distance ?? 0.0),
                    'proof' => $person->proofOf($ticket->cell)->text(),
                ];
            }
        }
        $tight = array_values(
            collect($tight)
                ->sortBy([['spare', 'asc'], ['title', 'asc']])
                ->all(),
        );

        $ahead = count(
            array_filter($tickets, static fn (Ticket $ticket): bool => $person->isAhead($ticket->cell)),
        );

        return [
            'student' => $student,
            'ahead' => $ahead === 0 ? '' : trans_choice('mat.drawn-ahead', $ahead),
            'drawn' => $tickets === []
                ? __('mat.nothing-on-list', ['name' => $student->name])
                : __('mat.drawn-from', [
                    'count' => count($tickets),
                    'bits' => number_format($bits, 1),
                    'seconds' => number_format($kit->catalogue->school->asks->reaction->seconds($bits, $this->rung), 2),
                ]),
            'least' => $tight === [] ? '' : number_format($tight[0]['spare'], 2),
            'barred' => $person->barred(),
            'tight' => $tight,
        ];
    }

    /** What of the attack is told at the rung. */
    public function told(): string
    {
        return __(
            'mat.told.'
                .($this->rung->attackTold ? 'attack' : 'no-attack')
                .($this->rung->momentTold ? '' : '-hidden'),
        );
    }

    /**
     * @param float $seconds  to spare; below 0 too late
     * @param float $distance metres farther away from which it must be seen coming
     */
    private function spare(float $seconds, float $distance): string
    {
        return __($seconds < 0 ? 'mat.too-late' : 'mat.to-spare', [
            'seconds' => number_format(abs($seconds), 2),
            'metres' => number_format($distance, 1),
        ]);
    }
}
