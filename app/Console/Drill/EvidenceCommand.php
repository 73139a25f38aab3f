<?php

declare(strict_types=1);

namespace App\Console\Drill;

use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Proof\AnswerRecord;
use StoneDrill\Core\Proof\SizeRecord;
use StoneDrill\Core\Proof\StudentMove;
use StoneDrill\Core\Proof\Week;
use StoneDrill\Core\Report\Disagreement;
use StoneDrill\Core\Report\EvidenceReport;
use StoneDrill\Core\Text;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/** `drill evidence FILE --at=DATE [--answer=ID|--attack=ID]` */
final class EvidenceCommand extends DrillCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->setName('evidence')->setDescription($this->said('cli.evidence.is'));
        foreach (['at', 'answer', 'attack'] as $option) {
            $this->addOption($option, null, InputOption::VALUE_REQUIRED, $this->said("cli.evidence.{$option}"));
        }
    }

    protected function report(SchoolFile $file, InputInterface $input): Printed
    {
        $answers = $file->catalogue->answers;
        $answer = $this->known($input, 'answer', array_column($answers, 'id'));
        $attack = $this->known($input, 'attack', array_column($file->catalogue->attacks, 'id'));
        $only = match (true) {
            $answer !== null => [$answer],
            $attack !== null => array_column(
                array_filter($answers, static fn (Answer $one): bool => $one->attack === $attack),
                'id',
            ),
            default => null,
        };
        $report = EvidenceReport::of(
            $file,
            $this->at($input) ?? throw $this->refuse('at', '', Text::of('cli.at-needed')),
            $only,
        );

        return new Printed($report, [
            $this->said('cli.evidence.summary', [
                'at' => $report->at->format('Y-m-d H:i'),
                'count' => count($report->answers),
            ]),
            ...array_map($this->line(...), $report->answers),
            ...array_map(
                $this->size(...),
                array_filter($report->sizes, static fn (SizeRecord $one): bool => $one->above !== 0.0),
            ),
            $report->halfLife === null || $report->halfLife->isOpen()
                ? $this->said('cli.evidence.no-half-life')
                : $this->said('cli.evidence.half-life', [
                    'days' => number_format($report->halfLife->days, 0),
                    ...$report->halfLife->ends(),
                    'pairs' => $report->halfLife->pairs,
                ]),
            $report->reaction === null
                ? $this->said('cli.evidence.no-reaction')
                : $this->said('cli.evidence.reaction', [
                    'a' => number_format($report->reaction->base, 2),
                    'b' => number_format($report->reaction->perBit, 2),
                    'sa' => number_format($report->reaction->baseError, 2),
                    'sb' => number_format($report->reaction->perBitError, 2),
                    'count' => $report->reaction->count,
                ]),
            ...array_map($this->disagreement(...), $report->model->disagree),
            ...array_map($this->week(...), $report->weeks->weeks),
            $this->said('cli.evidence.one-more', [
                'faded' => $report->weeks->oneMore->faded,
                'kept' => $report->weeks->oneMore->kept,
                'tries' => number_format($report->weeks->oneMore->tries, 1),
            ]),
            ...array_map($this->move(...), $report->moves),
            ...$report->partners->neverLarger === []
                ? []
                : [
                    $this->said('cli.evidence.never-larger', [
                        'students' => implode(', ', $report->partners->neverLarger),
                    ]),
                ],
        ]);
    }

    private function line(AnswerRecord $one): string
    {
        $mistakes = implode(
            '; ',
            array_map(
                static fn (string $mistake, float $share): string => sprintf('%s %.0f %%', $mistake, 100 * $share),
                array_map(strval(...), array_keys($one->mistakes())),
                $one->mistakes(),
            ),
        );
        $besides = array_filter([
            $mistakes,
            $one->improvised === 0
                ? ''
                : $this->said('cli.evidence.improvised', [
                    'share' => number_format(100 * $one->improvisedShare()),
                ]),
            $one->seconds === null
                ? ''
                : $this->said('cli.evidence.seconds', ['seconds' => number_format($one->seconds, 1)]),
        ]);

        return rtrim(sprintf(
            '  %-24s %-8s %s  %3d  %.2f  %.2f–%.2f  %s',
            $one->answer,
            $one->side->value,
            $this->said('cli.proof.rung', ['rung' => sprintf('%2d', $one->rung)]),
            $one->tally->count(),
            $one->share->mean,
            $one->share->low(),
            $one->share->high(),
            implode(' · ', $besides),
        ));
    }

    private function size(SizeRecord $one): string
    {
        return $this->said($one->above < 0 ? 'cli.evidence.worse' : 'cli.evidence.better', [
            'answer' => $one->answer,
            'side' => $one->side->value,
            'rung' => $one->rung,
            'size' => $this->said("cli.evidence.sizes.{$one->size}"),
            'points' => (string) abs((int) round(100 * $one->above)),
            'count' => $one->tally->count(),
        ]);
    }

    private function week(Week $week): string
    {
        return $this->said('cli.evidence.week', [
            'from' => $week->from->format('Y-m-d'),
            'tries' => $week->tries,
            'people' => $week->people,
            'held' => count($week->held),
            'faded' => count($week->faded),
        ]);
    }

    private function move(StudentMove $one): string
    {
        return $this->said($one->mistake === null ? 'cli.evidence.move' : 'cli.evidence.move-mistake', [
            'student' => $one->student,
            'cell' => $one->cell,
            'from' => $one->move->from,
            'to' => $one->move->to,
            'mistake' => (string) $one->mistake,
        ]);
    }

    private function disagreement(Disagreement $one): string
    {
        return $this->said($one->works ? 'cli.evidence.floor-only' : 'cli.evidence.mat-only', [
            'answer' => $one->record->answer,
            'side' => $one->record->side->value,
            'rung' => $one->record->rung,
            'clean' => $one->record->tally->full,
            'count' => $one->record->tally->count(),
            'beat' => $one->beat,
            'look' => $one->look,
        ]);
    }
}
