<?php

declare(strict_types=1);

namespace App\Console\Drill;

use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Coverage\Fewest;
use StoneDrill\Core\Coverage\Widener;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/** `drill fewest FILE --rank=ID --cover=0.9` */
final class FewestCommand extends DrillCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->setName('fewest')
            ->setDescription('The fewest answers with which a rank covers a share of what it needs')
            ->addOption('rank', null, InputOption::VALUE_REQUIRED, 'id of the rank')
            ->addOption('cover', null, InputOption::VALUE_REQUIRED, 'the share by weight, 0 to 1', '0.9');
    }

    protected function report(Catalogue $catalogue, InputInterface $input): Report
    {
        $rank = $this->rank($catalogue, $input) ?? throw UnreadableInput::option('rank', '', 'the id of a rank');
        $cover = (string) $input->getOption('cover');
        if (! is_numeric($cover) || $cover < 0 || $cover > 1) {
            throw UnreadableInput::option('cover', $cover, 'a share from 0 to 1, such as 0.9');
        }
        $fewest = Fewest::of($catalogue, $rank, (float) $cover, new Widener($catalogue));

        return new Report([
            'answers' => array_map(static fn (array $step): array => ['id' => $step['candidate']->answer, 'move' => $step['candidate']->move, 'gain' => $step['gain']], $fewest->chosen),
            'covered' => $fewest->covered,
            'exact' => $fewest->isExact,
            'bound' => $fewest->bound,
        ], $this->lines($fewest, (float) $cover), ! $fewest->isReached, true);
    }

    /** @return list<string> */
    private function lines(Fewest $fewest, float $cover): array
    {
        $lines = [sprintf(
            '%d answers cover %.1f %%%s. %s',
            count($fewest->chosen),
            100 * $fewest->covered,
            $fewest->isReached ? '' : sprintf('; %.1f %% cannot be reached, this is the most there is', 100 * $cover),
            $fewest->isExact ? 'No fewer do.' : sprintf('Fewer than %d cannot do.', $fewest->bound),
        )];
        foreach ($fewest->chosen as $step) {
            $lines[] = sprintf('  %-8s %-24s +%.1f %%', $step['candidate']->move, $step['candidate']->answer, 100 * $step['gain']);
        }

        return $lines;
    }
}
