<?php

declare(strict_types=1);

namespace App\Console\Drill;

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Report\ReadyReport;
use StoneDrill\Core\Text;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/** `drill ready FILE --student=ID --rank=ID --at=DATE` */
final class ReadyCommand extends DrillCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->setName('ready')->setDescription($this->said('cli.ready.is'));
        foreach (['student', 'rank', 'at'] as $option) {
            $this->addOption($option, null, InputOption::VALUE_REQUIRED, $this->said("cli.ready.{$option}"));
        }
    }

    protected function report(SchoolFile $file, InputInterface $input): Printed
    {
        $ranks = array_column($file->catalogue->ranks, null, 'id');
        $rank = $this->rank($file->catalogue, $input)
        ?? throw $this->refuse(
            'rank',
            '',
            Text::of('file.one-of', ['words' => array_map(strval(...), array_keys($ranks))]),
        );
        $report = ReadyReport::of(
            $file,
            $this->student($file, $input),
            $ranks[$rank],
            $this->at($input) ?? throw $this->refuse('at', '', Text::of('cli.at-needed')),
        );
        $chance = $report->readiness->chance();

        return new Printed(
            $report,
            $chance === null
                ? [$this->said('cli.ready.nothing', ['rank' => $report->rank->name])]
                : [
                    $this->said('cli.ready.summary', [
                        'student' => $report->student->name,
                        'rank' => $report->rank->name,
                        'percent' => number_format(100 * $chance, 1),
                        'items' => count($report->readiness->items),
                        'from' => number_format(100 * $report->readiness->asks->ready),
                    ]),
                    ...array_map(
                        fn (array $one): string => '  '
                            .$this->said('cli.ready.raises', [
                                'attack' => $one[0]->attack->title
                                .($one[0]->side === Side::Mirrored
                                    ? $this->said('words.in-brackets.mirrored')
                                    : ''),
                                'percent' => number_format(100 * $one[1], 1),
                            ]),
                        $report->readiness->most(),
                    ),
                ],
        );
    }
}
