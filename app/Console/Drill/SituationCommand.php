<?php

declare(strict_types=1);

namespace App\Console\Drill;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Geometry\BearingStyle;
use StoneDrill\Core\Report\SituationReport;
use StoneDrill\Core\Text;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/** `drill situation FILE --attack=ID` */
final class SituationCommand extends DrillCommand
{
    /** How much of what is in reach is listed; all of it stands in the JSON. */
    private const LISTED = 20;

    protected function configure(): void
    {
        parent::configure();
        $this->setName('situation')
            ->setDescription($this->said('cli.situation.is'))
            ->addOption('attack', null, InputOption::VALUE_REQUIRED, $this->said('cli.situation.attack'));
    }

    protected function report(SchoolFile $file, InputInterface $input): Printed
    {
        $ids = array_map(static fn (Attack $attack): string => $attack->id, $file->catalogue->attacks);
        $attack = $file->catalogue->attack(
            $this->known($input, 'attack', $ids)
                ?? throw $this->refuse('attack', '', Text::of('cli.attack', ['ids' => $ids])),
        );
        $report = SituationReport::of($file->catalogue, $attack);

        return new Printed($report, $this->lines($report, $file->catalogue->school->conventions->bearings));
    }

    /** @return list<string> */
    private function lines(SituationReport $report, BearingStyle $style): array
    {
        $situation = $report->situation;
        $lines = [
            $this->said('cli.situation.summary', ['attack' => $report->attack->title, 'id' => $report->attack->id]),
        ];
        foreach ($situation->limbs as $limb) {
            $lines[] = rtrim(
                sprintf('  %-11s %-8s %s', $limb->limb->value, $limb->state->value, $this->texts->say($limb->text())),
            );
        }
        $lines[] = $this->said('cli.situation.free', [
            'limbs' => $situation->attackerFree === [] ? Text::of('file.nothing') : $situation->attackerFree,
        ]);
        $lines[] = $this->said('cli.situation.in-reach', ['count' => count($situation->inReach)]);
        foreach (array_slice($situation->inReach, 0, self::LISTED) as $hit) {
            $lines[] = sprintf('  %-24s %-14s %+d cm', $hit->weapon(), $hit->target->value, $hit->centimetres());
        }
        if ($situation->weakSide !== null) {
            $lines[] = $this->said('cli.situation.weak-side', ['side' => $situation->weakSide]);
        }
        $lines[] = $this->said('cli.situation.ring');
        foreach ($situation->ring as $place) {
            $lines[] = sprintf(
                '  %6s  %d  %s',
                $this->texts->say($place->bearing->spell($style)),
                $place->threats,
                $place->sector->value,
            );
        }

        return $lines;
    }
}
