<?php

declare(strict_types=1);

namespace App\View\Evidence;

use App\Models\School;
use StoneDrill\Core\Curriculum\Reaction;
use StoneDrill\Core\Proof\AnswerRecord;
use StoneDrill\Core\Proof\Share;
use StoneDrill\Core\Proof\SizeRecord;
use StoneDrill\Core\Proof\Tally;
use StoneDrill\Core\Report\Disagreement;
use StoneDrill\Core\Report\EvidenceReport;

/** What the reps teach a school, in words: of all its answers, or of one. */
final readonly class EvidenceRows
{
    /** @var array<string, array{title: string, url: string}> of the answers, by their codes */
    private array $answers;

    /** @var list<AnswerRecord> those that are told */
    private array $told;

    /** @param ?list<string> $only codes of those that are told; null for all */
    public function __construct(public EvidenceReport $report, School $school, private ?array $only = null)
    {
        $this->answers = $school
            ->answers()
            ->get(['id', 'code', 'title', 'school_id'])
            ->mapWithKeys(
                static fn ($row): array => [
                    $row->code => ['title' => $row->title, 'url' => route('answers.show', $row, false)],
                ],
            )
            ->all();
        $this->told = array_values(
            array_filter($report->answers, fn (AnswerRecord $one): bool => $this->isTold($one->answer)),
        );
    }

    /**
     * @return list<array{answer: string, url: string, where: string, tries: string, share: string, interval: string,
     *     mistakes: string, improvised: string, seconds: string, besides: list<string>}>
     */
    public function records(): array
    {
        return array_map(
            fn (AnswerRecord $one): array => [
                ...$this->name($one->answer),
                'where' => self::where($one),
                ...self::tries($one->tally, $one->share),
                'mistakes' => self::mistakes($one),
                'improvised' => self::percent($one->improvisedShare()),
                'seconds' => $one->seconds === null ? '' : number_format($one->seconds, 1),
                'besides' => self::besides($one),
            ],
            $this->told,
        );
    }

    /** @return list<string> what else is known, a sentence each */
    private static function besides(AnswerRecord $one): array
    {
        return array_values(
            array_filter([
                $one->mistakes() === [] ? '' : __('evidence.mistakes', ['mistakes' => self::mistakes($one)]),
                $one->improvised === 0
                    ? ''
                    : __('evidence.improvised', ['share' => self::percent($one->improvisedShare())]),
                $one->seconds === null ? '' : __('evidence.seconds', ['seconds' => number_format($one->seconds, 1)]),
            ]),
        );
    }

    private static function mistakes(AnswerRecord $one): string
    {
        return implode(
            '; ',
            array_map(
                static fn (string $mistake, float $share): string => "{$mistake} ".self::percent($share),
                array_keys($one->mistakes()),
                $one->mistakes(),
            ),
        );
    }

    /**
     * @return list<array{answer: string, url: string, where: string, size: string, tries: string, share: string,
     *     interval: string, told: string}>
     */
    public function sizes(): array
    {
        $sizes = array_values(
            array_filter($this->report->sizes, fn (SizeRecord $one): bool => $this->isTold($one->answer)),
        );

        return array_map(
            fn (SizeRecord $one): array => [
                ...$this->name($one->answer),
                'where' => self::where($one),
                'size' => __("evidence.sizes.{$one->size}"),
                ...self::tries($one->tally, $one->share),
                'told' => $one->above === 0.0
                    ? ''
                    : __($one->above < 0 ? 'evidence.worse' : 'evidence.better', [
                        'points' => (string) abs((int) round(100 * $one->above)),
                    ]),
            ],
            $sizes,
        );
    }

    /** @return list<array{answer: string, url: string, where: string, says: string}> */
    public function disagree(): array
    {
        $all = array_filter(
            $this->report->model->disagree,
            fn (Disagreement $one): bool => $this->isTold($one->record->answer),
        );

        return array_values(
            array_map(
                fn (Disagreement $one): array => [
                    ...$this->name($one->record->answer),
                    'where' => self::where($one->record),
                    'says' => __($one->works ? 'evidence.floor-only' : 'evidence.mat-only', [
                        'clean' => $one->record->tally->full,
                        'count' => $one->record->tally->count(),
                        'beat' => $one->beat,
                        'look' => say($one->look),
                    ]),
                ],
                $all,
            ),
        );
    }

    /** How fast proof fades, in a sentence. */
    public function halfLife(): string
    {
        $fit = $this->report->halfLife;

        return $fit === null || $fit->isOpen()
            ? __('evidence.half-life.open', ['use' => number_format($this->report->inUse)])
            : __('evidence.half-life.found', [
                'days' => number_format($fit->days),
                ...array_map(say(...), $fit->ends()),
                'pairs' => number_format($fit->pairs),
                'use' => number_format($this->report->inUse),
            ]);
    }

    /** How long reacting takes, in a sentence. */
    public function reaction(): string
    {
        $fit = $this->report->reaction;
        $inUse = [
            'ua' => number_format($this->report->reactionInUse->base, 2),
            'ub' => number_format($this->report->reactionInUse->perBit, 2),
        ];

        return $fit === null
            ? __('evidence.reaction.none', $inUse)
            : __('evidence.reaction.found', [
                'a' => self::signed($fit->base),
                'b' => self::signed($fit->perBit),
                'sa' => number_format($fit->baseError, 2),
                'sb' => number_format($fit->perBitError, 2),
                'count' => number_format($fit->count),
                ...$inUse,
            ]);
    }

    /**
     * @return ?array{label: string, values: array<string, string>} the half-life that was found, to be used; null where
     *     none was, or it is in use
     */
    public function takenHalfLife(): ?array
    {
        $fit = $this->report->halfLife;
        $days = $fit === null || $fit->isOpen() ? $this->report->inUse : round($fit->days);

        return $days === $this->report->inUse
            ? null
            : [
                'label' => __('evidence.take.half-life', ['days' => number_format($days)]),
                'values' => ['half_life' => (string) $days],
            ];
    }

    /**
     * @return ?array{label: string, values: array<string, string>} the same of reacting; null too where what was found
     *     cannot be
     */
    public function takenReaction(): ?array
    {
        $fit = $this->report->reaction;
        [$base, $perBit] = [round($fit->base ?? -1.0, 2), round($fit->perBit ?? -1.0, 2)];
        $cannotBe = $base < 0.0 || $base > Reaction::MAX_BASE || $perBit < 0.0 || $perBit > Reaction::MAX_PER_BIT;

        return $cannotBe || new Reaction($base, $perBit) == $this->report->reactionInUse
            ? null
            : [
                'label' => __('evidence.take.reaction', [
                    'a' => number_format($base, 2),
                    'b' => number_format($perBit, 2),
                ]),
                'values' => ['reaction_base' => (string) $base, 'reaction_per_bit' => (string) $perBit],
            ];
    }

    private static function where(AnswerRecord|SizeRecord $one): string
    {
        return __('evidence.where', ['rung' => $one->rung, 'side' => __("words.sides.{$one->side->value}")]);
    }

    private function isTold(string $answer): bool
    {
        return $this->only === null || in_array($answer, $this->only, true);
    }

    public function isEmpty(): bool
    {
        return $this->told === [];
    }

    private static function signed(float $seconds): string
    {
        return str_replace('-', '−', number_format($seconds, 2));
    }

    /** @return array{tries: string, share: string, interval: string} how many went how, and what share that tells */
    private static function tries(Tally $tally, Share $share): array
    {
        return [
            'tries' => __('evidence.tries', [
                'count' => $tally->count(),
                'full' => $tally->full,
                'half' => $tally->half,
                'none' => $tally->none,
            ]),
            'share' => self::percent($share->mean),
            'interval' => self::interval($share),
        ];
    }

    private static function percent(float $share): string
    {
        return __('words.percent', ['share' => number_format(100 * $share)]);
    }

    private static function interval(Share $share): string
    {
        return __('evidence.interval', [
            'low' => number_format(100 * $share->low()),
            'high' => number_format(100 * $share->high()),
        ]);
    }

    /** @return array{answer: string, url: string} */
    private function name(string $code): array
    {
        return ['answer' => $this->answers[$code]['title'] ?? $code, 'url' => $this->answers[$code]['url'] ?? ''];
    }
}
