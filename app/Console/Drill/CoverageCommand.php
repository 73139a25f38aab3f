<?php

declare(strict_types=1);

namespace App\Console\Drill;

use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\Move;
use StoneDrill\Core\Coverage\ProvenShare;
use StoneDrill\Core\Coverage\RunCache;
use StoneDrill\Core\Coverage\Widener;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Report\CoverageReport;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/** `drill coverage FILE [--rank=ID] [--at=DATE] [--youth]` */
final class CoverageCommand extends DrillCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->setName('coverage')
            ->setDescription($this->said('cli.coverage.is'))
            ->addOption('rank', null, InputOption::VALUE_REQUIRED, $this->said('cli.coverage.rank'))
            ->addOption('at', null, InputOption::VALUE_REQUIRED, $this->said('cli.coverage.at'));
        $this->takesYouth();
    }

    protected function report(SchoolFile $file, InputInterface $input): Printed
    {
        $catalogue = $this->catalogue($file, $input);
        $at = $this->at($input);
        $proof = $at === null ? null : ProvenShare::of($catalogue, $file->students, $file->reps, $at);
        $memory = new RunCache();
        $coverage = Coverage::whole($catalogue, $memory, new Widener($catalogue, $memory), $proof);
        $report = CoverageReport::of($catalogue, $coverage, $this->rank($catalogue, $input));

        return new Printed($report, $this->lines($catalogue, $report), $report->holes !== []);
    }

    /** @return list<string> */
    private function lines(Catalogue $catalogue, CoverageReport $report): array
    {
        $lines = [
            $this->said('cli.coverage.summary', [
                'school' => $catalogue->school->name,
                'attacks' => count($catalogue->attacks),
                'answers' => count($catalogue->answers),
                'rank' => $report->rank ?? '–',
                'percent' => sprintf('%.0f', 100 * $report->covered),
                'taught' => sprintf('%.0f', 100 * $report->taught),
            ]),
            $this->said($report->holes === [] ? 'cli.coverage.no-holes' : 'cli.coverage.holes', [
                'count' => count($report->holes),
            ]),
        ];
        foreach ($report->holes as $hole) {
            $moves = array_map(
                static fn (Move $move): string => trim($move->kind->value.' '.$move->answer),
                $hole->moves,
            );
            $lines[] = sprintf(
                '  %4.2f  %-9s  %s  [%s]',
                $hole->weight,
                $hole->kind->value,
                $this->texts->say($hole->reason),
                implode(' · ', $moves),
            );
        }
        $lines[] = $this->said('cli.coverage.load');
        foreach ($report->load as $load) {
            $lines[] = sprintf(
                '  %-12s %4d %4d %6.1f %5.2f',
                $load->rank,
                $load->beats,
                $load->actions,
                $load->newActions,
                $load->choiceBits,
            );
        }
        $lines[] = $this->said($report->removable === [] ? 'cli.coverage.none-removable' : 'cli.coverage.removable', [
            'answers' => $report->removable,
        ]);

        return $lines;
    }
}
