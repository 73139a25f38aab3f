<?php

declare(strict_types=1);

namespace App\View\Workbench;

use StoneDrill\Core\Checks\Finding;
use StoneDrill\Core\Checks\Remedy;
use StoneDrill\Core\Checks\Shortfall;
use StoneDrill\Core\Floor\Delivery;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Floor\Hit;
use StoneDrill\Core\Floor\Verdict;
use StoneDrill\Core\Report\BeatReport;

/** What is said of one beat. */
final readonly class BenchBeat
{
    /** Seconds of turning that are not worth a word. */
    private const MOMENT = 0.05;

    private BeatReport $report;

    /**
     * @param string                                                       $track    the first beat of the what-if it
     *     belongs to
     * @param list<array{finding: Finding, remedy: ?Remedy, text: string}> $findings
     * @param list<Shortfall>                                              $robust
     * @param ?string                                                      $written  the answer with the lengths written
     *     that the model took here
     */
    public function __construct(
        public Frame $frame,
        public string $track,
        public string $text,
        public array $findings,
        private array $robust,
        public ?string $written = null,
    ) {
        $this->report = BeatReport::of($frame);
    }

    public function isStart(): bool
    {
        return $this->frame->number === '0';
    }

    public function name(): string
    {
        return $this->isStart() ? __('floor.start') : __('words.beat', ['beat' => $this->frame->number]);
    }

    public function condition(): string
    {
        return $this->frame->condition === null ? '' : 'if '.$this->frame->condition->toText();
    }

    /** What is called for it in a drill. */
    public function cue(): string
    {
        $cue = $this->frame->beat?->cue();

        return $cue === null ? '' : __('floor.called', ['cue' => $cue]);
    }

    /** Seconds from the start, for the script that plays it. */
    public function time(): float
    {
        return round($this->frame->time, 3);
    }

    public function seconds(): string
    {
        return number_format($this->frame->time, 2);
    }

    public function distance(): string
    {
        return number_format($this->frame->positions()->distance, 2);
    }

    public function sector(): string
    {
        return __('floor.sectors.'.$this->frame->positions()->faced->sector->value);
    }

    /** @return list<string> where both stand, what reaches, what holds, and what came of an attack, a sentence each */
    public function facts(): array
    {
        $positions = $this->frame->positions();

        return array_values(
            array_filter([
                $this->cue(),
                __($positions->faced->isInside ? 'floor.place-inside' : 'floor.place-outside', [
                    'metres' => $this->distance(),
                    'sector' => $this->sector(),
                ]),
                $this->report->threats === []
                    ? __('floor.no-threat')
                    : __('floor.threats', ['limbs' => $this->threats()]),
                $this->report->holds === [] ? '' : __('floor.held', ['holds' => implode(', ', $this->report->holds)]),
                $positions->faced->seconds < self::MOMENT
                    ? ''
                    : __('floor.faces-you', ['seconds' => number_format($positions->faced->seconds, 1)]),
                $this->frame->events->delivery === null ? '' : $this->delivery($this->frame->events->delivery),
            ]),
        );
    }

    /** @return list<string> each movement that had another length than the usual */
    public function steps(): array
    {
        return array_map(
            static fn (array $step): string => __('floor.step', [
                'limb' => $step['limb'],
                'cm' => $step['step_cm'],
                'factor' => number_format($step['factor'], 2),
            ]),
            $this->report->steps,
        );
    }

    /** @return list<string> each strike with its margin, and how the body goes and turns with it */
    public function strikes(): array
    {
        return array_map(
            static fn (array $strike, $hit): string => implode(
                ' ',
                array_filter([self::strike($strike, $hit), self::body($strike)]),
            ),
            $this->report->strikes,
            $this->frame->hits,
        );
    }

    /** @param array{margin_cm: ?int, unreachable: bool, target: string, drive_cm: int, ...} $strike */
    private static function strike(array $strike, Hit $hit): string
    {
        return __(
            match (true) {
                $strike['unreachable'] => 'floor.strike-too-high',
                $strike['margin_cm'] === null => 'floor.strike-limb',
                ! $hit->reaches() => 'floor.strike-short',
                $strike['drive_cm'] > 0 => 'floor.strike-driven',
                default => 'floor.strike',
            },
            [
                'weapon' => $hit->weapon(),
                'target' => $strike['target'],
                'cm' => abs((int) $strike['margin_cm']),
                'drive' => $strike['drive_cm'],
            ],
        );
    }

    /** @param array{turn_deg: int, ...} $strike */
    private static function body(array $strike): string
    {
        return $strike['turn_deg'] === 0
            ? ''
            : __($strike['turn_deg'] < 0 ? 'floor.turns-left' : 'floor.turns-right', [
                'degrees' => abs($strike['turn_deg']),
            ]);
    }

    /** The attacker's free weapons that reach, with what each has to spare. */
    public function threats(): string
    {
        return $this->report->threats === []
            ? __('words.none')
            : implode(
                ', ',
                array_map(
                    static fn (array $threat): string => __('floor.threat', [
                        'limb' => $threat['limb'],
                        'cm' => $threat['margin_cm'],
                    ]),
                    $this->report->threats,
                ),
            );
    }

    /** @return list<array{text: string, isOpen: bool}> what follows when its effect does not come */
    public function shortfalls(): array
    {
        return array_map(
            fn (Shortfall $shortfall): array => [
                'text' => __(
                    match (true) {
                        $shortfall->failsAt === null => 'floor.without-goes-on',
                        $shortfall->isBackedUp => 'floor.without-backed-up',
                        default => 'floor.without-fails',
                    },
                    [
                        'effect' => is_string($effect = $shortfall->without->values['effect'] ?? '') ? $effect : '',
                        'beat' => $shortfall->failsAt,
                        'because' => say($shortfall->because),
                    ],
                ),
                'isOpen' => ! $shortfall->isBackedUp,
            ],
            $this->robust,
        );
    }

    /** Its findings, as one cell of a table. */
    public function findingTexts(): string
    {
        return implode(
            ' ',
            array_map(
                static fn (array $row): string => sprintf(
                    '%s, %s: %s',
                    __('words.severity.'.$row['finding']->severity->value),
                    $row['finding']->check->value,
                    say($row['finding']->message),
                ),
                $this->findings,
            ),
        );
    }

    /** What came of an attack in this beat. */
    private function delivery(Delivery $delivery): string
    {
        $what = match (true) {
            $delivery->isHold => 'hold',
            $delivery->isFollowUp => 'follow-up',
            default => 'attack',
        };
        $measure = static fn (float $metres): string => __($metres >= 0 ? 'figures.to-spare' : 'figures.missing', [
            'cm' => (int) round(100 * abs($metres)),
        ]);

        if ($delivery->verdict === Verdict::Stopped && $delivery->out <= 0 && $delivery->off < 0) {
            return __('floor.delivery.stopped-in-time', [
                'what' => __('floor.delivery-of.'.$what),
                'cm' => (int) round(-100 * $delivery->out),
            ]);
        }

        return __('floor.delivery.'.$delivery->verdict->value, ['what' => __('floor.delivery-of.'.$what)])
            .' '
            .__('floor.delivery-figures', ['out' => $measure($delivery->out), 'off' => $measure($delivery->off)]);
    }
}
