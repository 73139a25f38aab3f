<?php

declare(strict_types=1);

namespace App\Console\Drill;

use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Report\PlanReport;
use StoneDrill\Core\Session\BlockKind;
use StoneDrill\Core\Session\PlannedClass;
use StoneDrill\Core\Session\TimetableException;
use StoneDrill\Core\Text;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/** `drill plan FILE --class=ID [--seed=N]` */
final class PlanCommand extends DrillCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->setName('plan')
            ->setDescription($this->said('cli.plan.is'))
            ->addOption('class', null, InputOption::VALUE_REQUIRED, $this->said('cli.plan.class'))
            ->addOption('seed', null, InputOption::VALUE_REQUIRED, $this->said('cli.plan.seed'));
    }

    protected function report(SchoolFile $file, InputInterface $input): Printed
    {
        $ids = array_map(static fn (PlannedClass $class): string => $class->id, $file->classes);
        $id = $this->known($input, 'class', $ids)
        ?? throw $this->refuse(
            'class',
            '',
            $ids === [] ? Text::of('cli.none-in-file') : Text::of('file.one-of', ['words' => $ids]),
        );
        $class = array_column($file->classes, null, 'id')[$id];
        $seed = $input->getOption('seed') === null ? null : $this->seed($input);
        try {
            $report = PlanReport::of($file, $class, $seed);
        } catch (TimetableException $refused) {
            throw $this->refuse('class', $id, $refused->text);
        }

        return new Printed($report, $this->lines($report, $class));
    }

    /** @return list<string> */
    private function lines(PlanReport $report, PlannedClass $class): array
    {
        $lines = [
            $this->said('cli.plan.summary', [
                'class' => $class->id,
                'at' => $class->at->format('Y-m-d H:i'),
                'minutes' => $report->facts->minutes,
            ]),
        ];
        foreach ($report->plan->blocks as $block) {
            $lines[] = rtrim(
                sprintf('  %3d  %-10s', $block->minutes, $this->texts->say($block->kind->text()))
                    .$this->tries($report, $block->kind),
            );
        }
        foreach ($report->plan->groups as $group) {
            $lines[] = $this->said('cli.plan.group', [
                'students' => implode(
                    ', ',
                    array_map(static fn (Student $student): string => $student->id, $group->students),
                ),
            ]);
            foreach ($group->taught as $taught) {
                $lines[] = sprintf('  %-28s %6.1f', $taught->answer, $taught->value);
            }
            if ($group->drilled !== []) {
                $lines[] = '  '.$this->said('cli.plan.drill', ['answers' => implode(', ', $group->drilled)]);
            }
        }

        return $lines;
    }

    /** At which rung most work in a block with a partner, and how many tries there is time for. */
    private function tries(PlanReport $report, BlockKind $kind): string
    {
        $rung = ($report->plan->practice[$kind->value] ?? null)?->rung;

        return $rung === null
            ? ''
            : $this->said('cli.plan.tries', [
                'rung' => "{$rung->id} {$rung->name}",
                'count' => $report->plan->repsEach($kind, $report->facts),
            ]);
    }
}
