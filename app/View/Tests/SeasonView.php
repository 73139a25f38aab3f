<?php

declare(strict_types=1);

namespace App\View\Tests;

use App\Models\Test;
use App\View\Students\ReadyFor;
use Carbon\CarbonImmutable;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Session\Season\Ahead;
use StoneDrill\Core\Session\Season\Forecast;
use StoneDrill\Core\Session\Season\Learning;
use StoneDrill\Core\Session\Season\Mend;
use StoneDrill\Core\Session\Season\SeasonClass;
use StoneDrill\Core\Session\Season\SeasonPlan;

/** The way to a test as it is shown: class by class, candidate by candidate, and what would make it fit. */
final readonly class SeasonView
{
    /** Cells that are named of those that are left. */
    private const NAMED = 4;

    /** @var array<string, string> titles of answers by code */
    private array $answers;

    /** @var array<string, string> titles of attacks by code */
    private array $attacks;

    /** @var array<string, string> names of candidates by code */
    private array $names;

    public SeasonCurve $curve;

    private SeasonPlan $plan;

    private Mend $mend;

    private Learning $learning;

    /** @param list<array{int, float}> $real share that was held, by seconds since 1970 */
    public function __construct(public Test $test, Ahead $ahead, array $real)
    {
        [$this->plan, $this->mend, $this->learning] = [$ahead->plan, $ahead->mend, $ahead->learning];
        $school = $test->school;
        $this->answers = $school->answers->pluck('title', 'code')->all();
        $this->attacks = $school->attacks->pluck('title', 'code')->all();
        $this->names = $test->candidates->pluck('name', 'code')->all();
        $this->curve = new SeasonCurve($test->expected ?? $this->plan->curve, $this->plan->curve, $real, $test);
    }

    public function fits(): bool
    {
        return $this->plan->fits();
    }

    /** @return list<string> in sentences, what would make it fit */
    public function mend(): array
    {
        $said = $this->mend->unanswered === []
            ? []
            : [
                trans_choice('tests.season.unanswered', count($this->mend->unanswered), [
                    'attacks' => $this->named($this->mend->unanswered),
                ]),
            ];
        if ($this->fits() || $this->mend->classes === 0) {
            return $said;
        }

        return [
            ...$said,
            $this->mend->classes === null
                ? __('tests.season.no-classes')
                : trans_choice('tests.season.more-classes', $this->mend->classes),
            trans_choice('tests.season.drop', count($this->mend->drop), ['attacks' => $this->named($this->mend->drop)]),
            $this->mend->day === null
                ? __('tests.season.no-day')
                : __('tests.season.later', [
                    'day' => CarbonImmutable::createFromTimestamp($this->mend->day)->format('j M Y'),
                ]),
        ];
    }

    /** How fast the school learns, and how sure that is. */
    public function learning(): string
    {
        return $this->learning->error === null
            ? __('tests.season.learning-usual', [
                'tries' => number_format($this->learning->tries, 1),
                'seen' => $this->learning->seen,
                'needed' => Learning::MIN_TRIES,
            ])
            : __('tests.season.learning-own', [
                'tries' => number_format($this->learning->tries, 1),
                'error' => number_format($this->learning->error, 1),
                'seen' => number_format($this->learning->seen),
            ]);
    }

    /** @return list<array{day: string, teach: string, drill: list<string>}> */
    public function classes(): array
    {
        return array_map(
            fn (int $place, SeasonClass $class): array => [
                'day' => school_time(CarbonImmutable::createFromTimestamp($class->at), 'D j M, H:i'),
                'teach' => implode(
                    ' · ',
                    array_map(
                        fn (string $answer): string => $this->answers[$answer] ?? $answer,
                        $this->plan->teaches[$place] ?? [],
                    ),
                ),
                'drill' => array_map(
                    fn (string $key, array $students): string => $this->title($key).': '.$this->who($students),
                    array_map(strval(...), array_keys($drills = $this->plan->drills($place))),
                    $drills,
                ),
            ],
            array_keys($this->plan->classes),
            $this->plan->classes,
        );
    }

    /** @return list<array{name: string, holds: string, pass: string, ready: string, left: string}> */
    public function candidates(): array
    {
        return array_map(
            fn (Forecast $forecast): array => [
                'name' => $forecast->student->name,
                'holds' => __('tests.season.holds', ['holds' => $forecast->holds, 'of' => $forecast->of]),
                'pass' => $forecast->pass === null ? '–' : ReadyFor::percent($forecast->pass).' %',
                'ready' => $forecast->readyOn === null
                    ? __('tests.season.not-by-then')
                    : CarbonImmutable::createFromTimestamp($forecast->readyOn)->format('j M'),
                'left' => $this->named($forecast->left),
            ],
            $this->plan->forecasts,
        );
    }

    /** @param list<string> $keys of cells */
    private function named(array $keys): string
    {
        $more = count($keys) - self::NAMED;

        return implode('; ', array_map($this->title(...), array_slice($keys, 0, self::NAMED)))
            .($more > 0 ? ' '.__('tests.season.and-more', ['count' => $more]) : '');
    }

    private function title(string $key): string
    {
        [$attack, $side] = explode(' ', $key, 2);

        return sided($this->attacks[$attack] ?? $attack, Side::from($side));
    }

    /** @param list<string> $students codes */
    private function who(array $students): string
    {
        return count($students) === count($this->names)
            ? __('tests.season.everybody')
            : implode(', ', array_map(fn (string $code): string => $this->names[$code] ?? $code, $students));
    }
}
