<?php

declare(strict_types=1);

namespace App\Console\Drill;

use StoneDrill\Core\Curriculum\Rung;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Report\DrawReport;
use StoneDrill\Core\Text;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/** `drill draw FILE --student=ID --rung=N --seed=N --at=DATE` */
final class DrawCommand extends DrillCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->setName('draw')->setDescription($this->said('cli.draw.is'));
        foreach (['student', 'rung', 'seed', 'at'] as $option) {
            $this->addOption($option, null, InputOption::VALUE_REQUIRED, $this->said("cli.draw.{$option}"));
        }
    }

    protected function report(SchoolFile $file, InputInterface $input): Printed
    {
        $student = $this->student($file, $input);
        $rung = $this->rung($file, $input);
        $report = DrawReport::of(
            $file,
            $student,
            $rung,
            $this->seed($input),
            $this->at($input) ?? throw $this->refuse('at', '', Text::of('cli.at-needed')),
        );

        return $report === null
            ? throw $this->refuse('student', $student->id, Text::of('cli.draw.nothing'))
            : new Printed($report, $this->lines($report, $student, $rung));
    }

    /** @throws UnreadableInput */
    private function rung(SchoolFile $file, InputInterface $input): Rung
    {
        $rungs = array_map(strval(...), $file->catalogue->ladder->ids());

        return $file->catalogue->ladder->get(
            (int) ($this->known($input, 'rung', $rungs)
                ?? throw $this->refuse('rung', '', Text::of('file.one-of', ['words' => $rungs]))),
        );
    }

    /** @return list<string> */
    private function lines(DrawReport $report, Student $student, Rung $rung): array
    {
        $cell = $report->ticket->cell;
        $warning = $report->warning;

        return [
            $this->said('cli.draw.drawn', [
                'student' => $student->name,
                'rung' => "{$rung->id} {$rung->name}",
                'attack' => $cell->attack->title,
                'side' => $cell->side->value,
            ]),
            '  '
            .$this->said('cli.draw.from', [
                'count' => count($report->draw->tickets),
                'bits' => sprintf('%.2f', $report->draw->entropy()),
                'wait' => sprintf('%.1f', $report->wait),
            ]),
            '  '
            .$this->said($warning->spare === null ? 'cli.draw.no-time' : 'cli.draw.time', [
                'reaction' => sprintf('%.2f', $warning->reaction),
                'answer' => $report->answer->title,
                'spare' => sprintf('%.2f', $warning->spare ?? 0.0),
                'metres' => sprintf('%.1f', $warning->distance ?? 0.0),
            ]),
            '  '.$this->said('cli.estimates'),
            ...array_map(fn (Text $reason): string => '  '.$this->texts->say($reason), $report->barred),
        ];
    }
}
