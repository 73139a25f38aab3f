<?php

declare(strict_types=1);

namespace App\Console\Drill;

use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Proof\Proof;
use StoneDrill\Core\Report\ProofReport;
use StoneDrill\Core\Text;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/** `drill proof FILE --at=TIMESTAMP|DATE` */
final class ProofCommand extends DrillCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->setName('proof')
            ->setDescription($this->said('cli.proof.is'))
            ->addOption('at', null, InputOption::VALUE_REQUIRED, $this->said('cli.proof.at'));
    }

    protected function report(SchoolFile $file, InputInterface $input): Printed
    {
        $report = ProofReport::of($file, $this->at($input) ?? throw $this->refuse('at', '', Text::of('cli.at-needed')));

        return new Printed($report, [
            $this->said('cli.proof.summary', ['at' => $report->at->format('Y-m-d H:i')]),
            ...array_map($this->line(...), $report->proofs),
        ]);
    }

    private function line(Proof $proof): string
    {
        return sprintf(
            '  %-16s %-24s %-8s %s  %.2f  %s%s',
            $proof->student,
            $proof->attack,
            $proof->side->value,
            $this->said('cli.proof.rung', ['rung' => sprintf('%2d', $proof->rung)]),
            $proof->lower,
            $proof->state->value,
            $proof->fadesOn === null ? '' : $this->said('cli.proof.fades', ['day' => $proof->fadesOn->format('Y-m-d')]),
        );
    }
}
