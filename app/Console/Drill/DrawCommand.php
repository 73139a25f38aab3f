<?php

declare(strict_types=1);

namespace App\Console\Drill;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Catalogue\Student;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Pressure\Draw;
use StoneDrill\Core\Pressure\Moment;
use StoneDrill\Core\Pressure\Pool;
use StoneDrill\Core\Pressure\Prover;
use StoneDrill\Core\Pressure\Rep;
use StoneDrill\Core\Pressure\Warning;
use StoneDrill\Core\Pressure\Windows;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

final class DrawCommand extends DrillCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->setName('draw')
            ->setDescription('What a student should be drilled on next at a rung, and when it comes')
            ->addOption('student', null, InputOption::VALUE_REQUIRED, 'id of the student')
            ->addOption('rung', null, InputOption::VALUE_REQUIRED, 'number of the rung')
            ->addOption('seed', null, InputOption::VALUE_REQUIRED, 'a whole number: the same one draws the same')
            ->addOption('at', null, InputOption::VALUE_REQUIRED, 'the moment or the day of the drill');
    }

    protected function report(Catalogue $catalogue, InputInterface $input): Report
    {
        $ids = array_map(static fn (Student $student): string => $student->id, $catalogue->students);
        $id = $this->known($input, 'student', $ids) ?? throw UnreadableInput::option('student', '', 'the id of a student: '.implode(', ', $ids));
        $rungs = array_map('strval', $catalogue->ladder->ids());
        $rung = $catalogue->ladder->get((int) ($this->known($input, 'rung', $rungs) ?? throw UnreadableInput::option('rung', '', 'one of '.implode(', ', $rungs))));
        $seed = $this->seed($input);
        $at = $this->at($input) ?? throw UnreadableInput::option('at', '', 'a day or a moment, since proof fades');
        $student = array_column($catalogue->students, null, 'id')[$id];

        $pool = new Pool($catalogue, Coverage::of($catalogue)->cells, $at);
        $replaced = Prover::replaced($catalogue->reps);
        $reps = array_values(array_filter($catalogue->reps, static fn (Rep $rep): bool => $rep->student === $id && $rep->at <= $at && ! isset($replaced[$rep->id])));
        $families = array_map(static fn (Attack $attack) => $attack->kind->family, array_column($catalogue->attacks, null, 'id'));
        $draw = Draw::of($pool->tickets($student, $rung->id, Windows::of($reps, $catalogue->attacks, $catalogue->ladder, $at)[$id] ?? []), Pool::latest($reps, $families));
        $next = $draw->next($seed);
        if ($next === null) {
            throw UnreadableInput::option('student', $id, 'a student whose rank needs an attack that has an answer and is not barred');
        }
        [$ticket, $chance] = $next;
        $bits = $draw->entropy();
        $answer = $pool->answers($student, $ticket->cell)[0];
        $warning = Warning::of($ticket->cell, $answer->beats, $rung, $bits);

        return new Report([
            'attack' => $ticket->cell->attack->id,
            'side' => $ticket->cell->side->value,
            'entropy_bits' => $bits,
            'wait_s' => Moment::wait($chance),
            'reaction_s' => $warning->reaction,
            'time_to_spare_s' => $warning->spare,
            'warning_m' => $warning->distance,
        ], [
            sprintf('%s at rung %d %s: %s, %s.', $student->name, $rung->id, $rung->name, $ticket->cell->attack->title, $ticket->cell->side->value),
            sprintf('  drawn from %d, %.2f bits; it comes after %.1f s.', count($draw->tickets), $bits, Moment::wait($chance)),
            $warning->spare === null
                ? sprintf('  reaction %.2f s; it is on already, or does not come over a distance.', $warning->reaction)
                : sprintf('  reaction %.2f s; to spare with “%s” %.2f s; it must be seen coming from %.1f m farther away.', $warning->reaction, $answer->title, $warning->spare, $warning->distance),
            '  Planning estimates.',
            ...array_map(static fn (string $reason): string => '  '.$reason, $pool->barred($student)),
        ], false);
    }

    /** @throws UnreadableInput */
    private function seed(InputInterface $input): int
    {
        $seed = $input->getOption('seed');

        return is_string($seed) && preg_match('/^[0-9]{1,9}$/D', $seed) === 1 ? (int) $seed : throw UnreadableInput::option('seed', (string) $seed, 'a whole number of up to nine digits');
    }
}
