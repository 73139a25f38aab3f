<?php

declare(strict_types=1);

namespace StoneDrill\Core\Report;

use StoneDrill\Core\Floor\Delivery;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Floor\Grasp;
use StoneDrill\Core\Floor\Grip;
use StoneDrill\Core\Floor\Hit;
use StoneDrill\Core\Floor\Stride;
use StoneDrill\Core\Floor\Threat;

/** One beat of an answer in figures: what is done, what reaches, and what comes of an attack in it. */
final readonly class BeatReport
{
    /**
     * @param list<string>                                                                                     $holds
     *     what the attacker holds at its end
     * @param list<string>                                                                                     $grips
     *     what the defender holds
     * @param array{lands: bool, why: ?string, out_cm: int, off_cm: int}|null                                  $delivery
     * @param list<array{limb: string, weapon: string, target: string, margin_cm: ?int, drive_cm: int, turn_deg: int,
     *     unreachable: bool}> $strikes
     * @param list<array{limb: string, weapon: string, target: string, margin_cm: ?int, drive_cm: int,
     *     unreachable: bool}>                $controls
     * @param list<array{limb: string, step_cm: int, factor: float}>                                           $steps
     *     movements that had another length than the usual
     * @param list<array{limb: string, margin_cm: int}>                                                        $threats
     *     those that reach
     */
    private function __construct(
        public Frame $frame,
        public array $holds,
        public array $grips,
        public ?array $delivery,
        public array $strikes,
        public array $controls,
        public array $steps,
        public array $threats,
    ) {}

    public static function of(Frame $frame): self
    {
        return new self(
            $frame,
            $frame->events->hold->names(),
            array_map(
                static fn (string $hand, Grip $grip): string => trim(
                    $hand.' '.$grip->verb->value.' '.($grip->target->value ?? ''),
                ),
                array_keys($frame->events->grips),
                array_values($frame->events->grips),
            ),
            $frame->events->delivery === null ? null : self::delivery($frame->events->delivery),
            array_map(
                static fn (Hit $hit): array => [
                    'limb' => $hit->limb->value,
                    'weapon' => $hit->strike->value,
                    'target' => $hit->target->value,
                    'margin_cm' => $hit->centimetres(),
                    'drive_cm' => (int) round(100 * $hit->measure->drive),
                    'turn_deg' => (int) round($hit->aim->turn),
                    'unreachable' => $hit->measure->tooFarUp,
                ],
                $frame->hits,
            ),
            array_map(
                static fn (Grasp $grasp): array => [
                    'limb' => $grasp->limb->value,
                    'weapon' => $grasp->verb->value,
                    'target' => $grasp->target->value,
                    'margin_cm' => $grasp->measure->centimetres(),
                    'drive_cm' => (int) round(100 * $grasp->measure->drive),
                    'unreachable' => $grasp->measure->tooFarUp,
                ],
                $frame->grasps,
            ),
            array_values(
                array_map(
                    static fn (Stride $stride): array => [
                        'limb' => $stride->limb->value ?? 'both feet',
                        'step_cm' => $stride->centimetres(),
                        'factor' => round($stride->factor, 2),
                    ],
                    array_filter($frame->movement->strides, static fn (Stride $stride): bool => ! $stride->isUsual()),
                ),
            ),
            array_map(
                static fn (Threat $threat): array => ['limb' => $threat->name(), 'margin_cm' => $threat->centimetres()],
                $frame->reaching,
            ),
        );
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        return [
            'n' => $this->frame->number,
            'time_s' => round($this->frame->time, 6),
            'distance_m' => $this->frame->positions()->distance,
            'sector' => $this->frame->positions()->faced->sector->value,
            'holds' => $this->holds,
            'grips' => $this->grips,
            'delivery' => $this->delivery,
            'strikes' => $this->strikes,
            'controls' => $this->controls,
            'steps' => array_map(
                static fn (array $step): array => ['limb' => $step['limb'], 'step_cm' => $step['step_cm']],
                $this->steps,
            ),
            'threats' => $this->threats,
        ];
    }

    /** @return array{lands: bool, why: ?string, out_cm: int, off_cm: int} */
    private static function delivery(Delivery $delivery): array
    {
        return [
            'lands' => $delivery->lands(),
            'why' => $delivery->lands() ? null : $delivery->verdict->value,
            'out_cm' => (int) round($delivery->out * 100),
            'off_cm' => (int) round($delivery->off * 100),
        ];
    }
}
