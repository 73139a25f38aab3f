<?php

declare(strict_types=1);

namespace App\Console\Drill;

use DateTimeImmutable;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Report\SeasonReport;
use StoneDrill\Core\Session\PlannedTest;
use StoneDrill\Core\Session\Season\Forecast;
use StoneDrill\Core\Session\Season\Mend;
use StoneDrill\Core\Text;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/** `drill season FILE --test=ID` */
final class SeasonCommand extends DrillCommand
{
    protected function configure(): void
    {
        parent::configure();
        $this->setName('season')
            ->setDescription($this->said('cli.season.is'))
            ->addOption('test', null, InputOption::VALUE_REQUIRED, $this->said('cli.season.test'))
            ->addOption('at', null, InputOption::VALUE_REQUIRED, $this->said('cli.season.at'));
    }

    protected function report(SchoolFile $file, InputInterface $input): Printed
    {
        $ids = array_map(static fn (PlannedTest $test): string => $test->id, $file->tests);
        $id = $this->known($input, 'test', $ids)
        ?? throw $this->refuse(
            'test',
            '',
            $ids === [] ? Text::of('cli.none-in-file') : Text::of('file.one-of', ['words' => $ids]),
        );
        $test = array_column($file->tests, null, 'id')[$id];
        $report = SeasonReport::of($file, $test, $this->at($input) ?? new DateTimeImmutable());

        return new Printed($report, $this->lines($report, $test));
    }

    /** @return list<string> */
    private function lines(SeasonReport $report, PlannedTest $test): array
    {
        $lines = [
            $this->said('cli.season.summary', [
                'test' => $test->id,
                'at' => $test->at->format('Y-m-d'),
                'classes' => Text::counted('cli.season.classes', count($report->plan->classes)),
                'candidates' => Text::counted('cli.season.candidates', count($report->plan->forecasts)),
            ]),
        ];
        foreach ($report->plan->classes as $place => $class) {
            $lines[] = $this->said('cli.season.class', [
                'class' => $class->id,
                'day' => gmdate('Y-m-d', $class->at),
                'teach' => implode(', ', $report->plan->teaches[$place] ?? []) ?: '–',
                'cells' => Text::counted('cli.season.cells', count($report->plan->drills($place))),
            ]);
        }
        array_push(
            $lines,
            ...array_map(
                fn (Forecast $forecast): string => $this->said('cli.season.candidate', [
                    'student' => $forecast->student->id,
                    'holds' => $forecast->holds,
                    'of' => $forecast->of,
                    'percent' => number_format(100 * ($forecast->pass ?? 0), 0),
                    'ready' => $forecast->readyOn === null ? '–' : gmdate('Y-m-d', $forecast->readyOn),
                ]),
                $report->plan->forecasts,
            ),
        );

        return [...$lines, ...$report->plan->fits() ? [$this->said('cli.season.fits')] : $this->mend($report->mend)];
    }

    /** @return list<string> what would make it fit, as its page says it */
    private function mend(Mend $mend): array
    {
        $ways = [
            $mend->classes === null
                ? Text::of('tests.season.no-classes')
                : Text::counted('tests.season.more-classes', $mend->classes),
            Text::counted('tests.season.drop', count($mend->drop), ['attacks' => $mend->drop]),
            $mend->day === null
                ? Text::of('tests.season.no-day')
                : Text::of('tests.season.later', ['day' => gmdate('Y-m-d', $mend->day)]),
        ];
        $unanswered = $mend->unanswered === []
            ? []
            : [
                Text::counted('tests.season.unanswered', count($mend->unanswered), [
                    'attacks' => $mend->unanswered,
                ]),
            ];

        return [
            $this->said('tests.season.fits-not'),
            ...array_map(fn (Text $way): string => '  '.$this->texts->say($way), [
                ...$unanswered,
                ...$mend->classes === 0 ? [] : $ways,
            ]),
        ];
    }
}
