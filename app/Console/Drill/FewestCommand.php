<?php

declare(strict_types=1);

namespace App\Console\Drill;

use StoneDrill\Core\Coverage\Fewest;
use StoneDrill\Core\Coverage\RunCache;
use StoneDrill\Core\Coverage\Widener;
use StoneDrill\Core\Coverage\Works;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Report\FewestReport;
use StoneDrill\Core\Text;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/** `drill fewest FILE --rank=ID --cover=0.9` */
final class FewestCommand extends DrillCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->setName('fewest')
            ->setDescription($this->said('cli.fewest.is'))
            ->addOption('rank', null, InputOption::VALUE_REQUIRED, $this->said('cli.fewest.rank'))
            ->addOption('cover', null, InputOption::VALUE_REQUIRED, $this->said('cli.fewest.cover'), '0.9');
        $this->takesYouth();
    }

    protected function report(SchoolFile $file, InputInterface $input): Printed
    {
        $rank = $this->rank($file->catalogue, $input) ?? throw $this->refuse('rank', '', Text::of('file.rank-id'));
        $cover = (string) $input->getOption('cover');
        if (! is_numeric($cover) || $cover < 0 || $cover > 1) {
            throw $this->refuse('cover', $cover, Text::of('cli.fewest.share'));
        }
        $catalogue = $this->catalogue($file, $input);
        $memory = new RunCache();
        $report = new FewestReport(
            Fewest::of(
                $catalogue,
                $rank,
                (float) $cover,
                new Widener($catalogue, $memory),
                new Works($catalogue, $memory),
            ),
            (float) $cover,
        );

        return new Printed($report, $this->lines($report), ! $report->fewest->isReached, true);
    }

    /** @return list<string> */
    private function lines(FewestReport $report): array
    {
        $fewest = $report->fewest;
        $lines = [
            implode(' ', [
                $this->said($fewest->isReached ? 'cli.fewest.covers' : 'cli.fewest.not-reached', [
                    'count' => count($fewest->chosen),
                    'percent' => sprintf('%.1f', 100 * $fewest->covered),
                    'asked' => sprintf('%.1f', 100 * $report->asked),
                ]),
                $this->said($fewest->isExact ? 'cli.fewest.exact' : 'cli.fewest.bound', ['bound' => $fewest->bound]),
            ]),
        ];
        foreach ($fewest->chosen as $step) {
            $lines[] = sprintf(
                '  %-8s %-24s +%.1f %%',
                $step['candidate']->move,
                $step['candidate']->answer,
                100 * $step['gain'],
            );
        }

        return $lines;
    }
}
