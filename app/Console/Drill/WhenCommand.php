<?php

declare(strict_types=1);

namespace App\Console\Drill;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Report\WhenReport;
use StoneDrill\Core\Text;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/** `drill when FILE --attack=ID [--youth]` */
final class WhenCommand extends DrillCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->setName('when')
            ->setDescription($this->said('cli.when.is'))
            ->addOption('attack', null, InputOption::VALUE_REQUIRED, $this->said('cli.situation.attack'));
        $this->takesYouth();
    }

    protected function report(SchoolFile $file, InputInterface $input): Printed
    {
        $catalogue = $this->catalogue($file, $input);
        $ids = array_map(static fn (Attack $attack): string => $attack->id, $catalogue->attacks);
        $attack = $catalogue->attack(
            $this->known($input, 'attack', $ids)
                ?? throw $this->refuse('attack', '', Text::of('cli.attack', ['ids' => $ids])),
        );
        $report = WhenReport::of($catalogue, $attack);
        $lines = [
            $this->said($report->answers === [] ? 'cli.when.none' : 'cli.when.summary', [
                'attack' => $attack->title,
                'id' => $attack->id,
            ]),
        ];
        foreach ($report->answers as $one) {
            $lines[] = '  '
            .$this->said(
                $one->spare === null ? 'cli.when.line' : ($one->spare < 0 ? 'cli.when.late' : 'cli.when.in-time'),
                [
                    'answer' => $one->answer->title,
                    'needs' => sprintf('%.2f', $one->needs),
                    'spare' => sprintf('%.2f', abs($one->spare ?? 0.0)),
                    'metres' => sprintf('%.2f', $one->distance),
                    'works' => Text::of($report->works($one) ? 'cli.when.works' : 'cli.when.fails'),
                ],
            );
        }

        return new Printed($report, [...$lines, $this->said('cli.estimates')]);
    }
}
