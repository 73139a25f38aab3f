<?php

declare(strict_types=1);

namespace App\Console\Drill;

use StoneDrill\Core\Checks\Examination;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Rung;
use StoneDrill\Core\Curriculum\Sizes;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Report\BeatReport;
use StoneDrill\Core\Report\CheckReport;
use StoneDrill\Core\Report\MadeMistake;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/** `drill check FILE [--answer=ID] [--defender=SIZE --attacker=SIZE] [--rung=N] [--youth]` */
final class CheckCommand extends DrillCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->setName('check')->setDescription($this->said('cli.check.is'));
        foreach (
            [
                'answer-option' => 'answer',
                'defender' => 'defender',
                'attacker' => 'attacker',
                'rung' => 'rung',
            ] as $text => $option
        ) {
            $this->addOption($option, null, InputOption::VALUE_REQUIRED, $this->said("cli.check.{$text}"));
        }
        $this->takesYouth();
    }

    protected function report(SchoolFile $file, InputInterface $input): Printed
    {
        $catalogue = $this->catalogue($file, $input);
        $sizes = new Sizes($catalogue->school);
        $names = array_map(strval(...), array_keys($sizes->all()));
        $defender = $this->known($input, 'defender', $names);
        $attacker = $this->known($input, 'attacker', $names);
        $rung = $this->rung($catalogue, $input);
        $only = $this->known(
            $input,
            'answer',
            array_map(static fn (Answer $answer): string => $answer->id, $catalogue->answers),
        );
        $report = CheckReport::of(
            $catalogue,
            $only === null ? $catalogue->answers : [$catalogue->answer($only)],
            $defender,
            $attacker,
            $rung,
        );

        return new Printed(
            $report,
            [
                ...array_merge(...array_map($this->lines(...), $report->examinations, $report->mistakes)),
                $this->said('cli.estimates'),
            ],
            $report->hasStops(),
        );
    }

    /** @throws UnreadableInput */
    private function rung(Catalogue $catalogue, InputInterface $input): ?Rung
    {
        $rung = $this->known($input, 'rung', array_map(strval(...), $catalogue->ladder->ids()));

        return $rung === null ? null : $catalogue->ladder->get((int) $rung);
    }

    /**
     * @param list<MadeMistake> $mistakes
     *
     * @return list<string>
     */
    private function lines(Examination $examination, array $mistakes): array
    {
        $trial = $examination->trial;
        $lines = [
            $this->said('cli.check.answer', [
                'title' => $trial->answer->title,
                'id' => $trial->answer->id,
                'defender' => sprintf('%.2f', $trial->bodies->defender),
                'attacker' => sprintf('%.2f', $trial->bodies->attacker),
                'seconds' => sprintf('%.2f', $examination->duration()),
            ]),
        ];
        $failure = $examination->failure();
        $lines[] = '  '
        .($failure === null
            ? $this->said('cli.check.works')
            : $this->said('cli.check.fails', ['beat' => $failure->beat, 'message' => $failure->message]));
        foreach ($trial->run->frames as $frame) {
            $lines[] = sprintf(
                '  %-6s %5.2f s  %4.2f m %-6s  %s',
                $frame->number,
                $frame->time,
                $frame->positions()->distance,
                $frame->positions()->faced->sector->value,
                $this->beat($frame),
            );
            foreach ($examination->at($frame->number) as $finding) {
                $lines[] = sprintf(
                    '         %-4s  %s: %s %s',
                    $finding->severity->value,
                    $finding->check->value,
                    $this->texts->say($finding->message),
                    $this->texts->say($finding->mend),
                );
            }
        }
        foreach ($trial->robust as $shortfall) {
            if ($shortfall->failsAt !== null) {
                $lines[] = '  '
                .$this->said('cli.check.without', [
                    'what' => $shortfall->without,
                    'beat' => $shortfall->failsAt,
                    'because' => $shortfall->because ?? '',
                ]);
            }
        }
        foreach ($mistakes as $made) {
            if ($made->mistake->instead !== null) {
                $lines[] = '  '
                .$this->said($made->breaks === null ? 'cli.check.mistake-unseen' : 'cli.check.mistake', [
                    'mistake' => $made->mistake->text,
                    'beat' => $made->breaks->beat ?? '',
                    'message' => $made->breaks->message ?? '',
                ]);
            }
        }
        foreach ($examination->waived as ['finding' => $finding, 'waiver' => $waiver]) {
            $lines[] = '  '
            .$this->said('cli.check.waived', [
                'beat' => $finding->beat,
                'check' => $finding->check->value,
                'reason' => $waiver->reason,
            ]);
        }

        return [...$lines, ''];
    }

    private function beat(Frame $frame): string
    {
        $beat = BeatReport::of($frame);
        $parts = [];
        if ($beat->delivery !== null) {
            $parts[] = $this->said(
                $frame->events->delivery?->isFollowUp === true ? 'cli.check.follow-up' : 'cli.check.attack',
                [
                    'verdict' => $beat->delivery['why'] ?? 'lands',
                    'out' => sprintf('%+d', $beat->delivery['out_cm']),
                    'off' => sprintf('%+d', $beat->delivery['off_cm']),
                ],
            );
        }
        foreach ($beat->steps as $step) {
            $parts[] = $this->said('cli.check.step', [
                'limb' => $step['limb'],
                'cm' => $step['step_cm'],
                'factor' => sprintf('%.2f', $step['factor']),
            ]);
        }
        foreach ($beat->strikes as $strike) {
            $case = $strike['unreachable'] ? 'unreachable' : 'margin';
            $parts[] = $this->said("cli.check.{$case}", [
                'limb' => $strike['limb'],
                'target' => $strike['target'],
                'cm' => sprintf('%+d', (int) $strike['margin_cm']),
            ]);
            if ($strike['drive_cm'] > 0) {
                $parts[] = $this->said('cli.check.drive', ['cm' => $strike['drive_cm']]);
            }
            if ($strike['turn_deg'] !== 0) {
                $parts[] = $this->said('cli.check.turn', ['degrees' => abs($strike['turn_deg'])]);
            }
        }
        foreach ($beat->controls as $control) {
            $parts[] = $this->said($control['unreachable'] ? 'cli.check.unreachable' : 'cli.check.margin', [
                'limb' => $control['limb'],
                'target' => $control['target'],
                'cm' => sprintf('%+d', (int) $control['margin_cm']),
            ]);
            if ($control['drive_cm'] > 0) {
                $parts[] = $this->said('cli.check.drive', ['cm' => $control['drive_cm']]);
            }
        }
        foreach ($beat->threats as $threat) {
            $parts[] = $this->said('cli.check.reaches', [
                'limb' => $threat['limb'],
                'cm' => sprintf('%+d', $threat['margin_cm']),
            ]);
        }
        foreach ($beat->holds as $hold) {
            $parts[] = $this->said('cli.check.held', ['hold' => $hold]);
        }

        return implode(' · ', $parts);
    }
}
