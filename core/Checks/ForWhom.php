<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Floor\Bodies;
use StoneDrill\Core\Floor\Stride;

/** An answer for one pair of bodies: whether it works, by which figure, and with which steps. */
final readonly class ForWhom
{
    /**
     * @param ?Finding                     $failure what keeps it from working
     * @param ?float                       $worst   metres of the least margin of its strikes and controls, with the
     *     body carried along; null where it has none
     * @param list<array{string, Stride}>  $strides steps that go another length than the usual, with the beat of each
     */
    private function __construct(
        public Bodies $bodies,
        public ?Finding $failure,
        public ?float $worst,
        public array $strides,
    ) {}

    /** Of an answer that was examined. */
    public static function in(Examination $examination): self
    {
        $worst = null;
        $strides = [];
        foreach ($examination->trial->run->mainLine as $frame) {
            foreach ([...$frame->hits, ...$frame->grasps] as $done) {
                $sum = $done->measure->sum();
                $worst = $sum === null ? $worst : min($worst ?? INF, $sum);
            }
            foreach ($frame->movement->strides as $stride) {
                if (! $stride->isUsual()) {
                    $strides[] = [$frame->number, $stride];
                }
            }
        }

        return new self($examination->trial->bodies, $examination->failure(), $worst, $strides);
    }

    /** Whether it works, and is short somewhere by no more than what is close. */
    public function isClose(): bool
    {
        return $this->failure === null && $this->worst !== null && $this->worst < -1e-9;
    }

    public function works(): bool
    {
        return $this->failure === null;
    }
}
