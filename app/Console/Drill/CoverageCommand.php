<?php

declare(strict_types=1);

namespace App\Console\Drill;

use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\FaultFinder;
use StoneDrill\Core\Coverage\Hole;
use StoneDrill\Core\Coverage\Load;
use StoneDrill\Core\Coverage\Move;
use StoneDrill\Core\Coverage\ProvenShare;
use StoneDrill\Core\Coverage\Removable;
use StoneDrill\Core\Coverage\Widener;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/** `drill coverage FILE [--rank=ID] [--at=DATE]` */
final class CoverageCommand extends DrillCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->setName('coverage')
            ->setDescription('Which attacks are answered from which rank on, and what is missing')
            ->addOption('rank', null, InputOption::VALUE_REQUIRED, 'only what this rank and the ones below it need')
            ->addOption('at', null, InputOption::VALUE_REQUIRED, 'the day on which proof is read');
    }

    protected function report(Catalogue $catalogue, InputInterface $input): Report
    {
        $at = $this->at($input);
        $coverage = Coverage::whole($catalogue, new FaultFinder($catalogue), new Widener($catalogue), $at === null ? null : ProvenShare::of($catalogue, $at));
        $rank = $this->rank($catalogue, $input) ?? ($catalogue->ranks === [] ? null : $catalogue->ranks[count($catalogue->ranks) - 1]->id);
        $holes = $rank === null ? [] : $coverage->holesBy($rank);
        $covered = $rank === null ? 1.0 : $coverage->coveredBy($rank);
        $load = Load::of($catalogue, $coverage);
        $removable = Removable::of($catalogue, $coverage);

        return new Report([
            'cells' => array_map($this->cell(...), $coverage->cells),
            'covered' => $covered,
            'holes' => array_map($this->hole(...), $holes),
            'load' => array_map(static fn (Load $load): array => [
                'rank' => $load->rank,
                'beats' => $load->beats,
                'actions' => $load->actions,
                'new_actions' => $load->newActions,
                'choice_bits' => $load->choiceBits,
            ], $load),
            'removable' => $removable,
        ], $this->lines($catalogue, $rank, $covered, $holes, $load, $removable), $holes !== []);
    }

    /** @return array<string, ?string> */
    private function cell(Cell $cell): array
    {
        return ['attack' => $cell->attack->id, 'side' => $cell->side->value, 'needed_by' => $cell->attack->neededBy, 'laid_at' => $cell->laidAt];
    }

    /** @return array<string, mixed> */
    private function hole(Hole $hole): array
    {
        return [
            'kind' => $hole->kind->value,
            'attack' => $hole->attack,
            'side' => $hole->side?->value,
            'rank' => $hole->rank,
            'weight' => $hole->weight,
            'reason' => $hole->reason,
            'moves' => array_map(static fn (Move $move): array => ['move' => $move->kind->value, 'answer' => $move->answer, 'findings' => array_map(self::finding(...), $move->findings)], $hole->moves),
        ];
    }

    /**
     * @param list<Hole>   $holes
     * @param list<Load>   $load
     * @param list<string> $removable
     *
     * @return list<string>
     */
    private function lines(Catalogue $catalogue, ?string $rank, float $covered, array $holes, array $load, array $removable): array
    {
        $lines = [sprintf('%s: %d attacks, %d answers. Covered by %s: %.0f %% (by weight; an estimate).', $catalogue->school->name, count($catalogue->attacks), count($catalogue->answers), $rank ?? 'no rank', 100 * $covered)];
        $lines[] = sprintf('%d holes%s', count($holes), $holes === [] ? '.' : ', the heaviest first:');
        foreach ($holes as $hole) {
            $moves = array_map(static fn (Move $move): string => trim($move->kind->value.' '.$move->answer), $hole->moves);
            $lines[] = sprintf('  %4.2f  %-9s  %s  [%s]', $hole->weight, $hole->kind->value, $hole->reason, implode(' · ', $moves));
        }
        $lines[] = 'Load by rank: beats, actions, new actions, bits of choice (estimates):';
        foreach ($load as $of) {
            $lines[] = sprintf('  %-12s %4d %4d %6.1f %5.2f', $of->rank, $of->beats, $of->actions, $of->newActions, $of->choiceBits);
        }
        $lines[] = 'Removable alone: '.($removable === [] ? 'none.' : implode(', ', $removable).'.');

        return $lines;
    }
}
