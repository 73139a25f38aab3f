<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Floor\RunLimits;
use StoneDrill\Core\Geometry\Bearing;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Notation\Printer;
use StoneDrill\Core\Technique\Size;
use StoneDrill\Core\Technique\Toward;
use StoneDrill\Core\Technique\Verb;
use StoneDrill\Core\Text;

/**
 * Finds mends that need no thought: an added leave, the other hand, a longer step. Each is tried before it is offered.
 */
final class Mender
{
    /** Changes that it may still try. */
    private int $left = RunLimits::MENDS;

    /** @param Printer $printer writes what is to be added */
    public function __construct(
        private readonly Examiner $examiner,
        private readonly Printer $printer = new Printer(),
    ) {}

    /**
     * The first mend of a finding on the main line that works.
     *
     * @param Side $side the one that was examined; the mend is given as the answer is written
     */
    public function mend(Examination $examination, Finding $finding, Side $side): ?Remedy
    {
        $trial = $examination->trial;
        $at = (int) $finding->beat - 1;
        if (! ctype_digit($finding->beat) || ! isset($trial->answer->beats->line[$at])) {
            return null;
        }
        $seen = $side === Side::Mirrored ? $trial->answer->beats->mirror() : $trial->answer->beats;
        // A long answer is tried less often.
        $cost = 1 + intdiv(count($trial->run->frames), 10);
        foreach ($this->candidates($finding, $seen, $at, $trial) as [$words, $beats]) {
            if (($this->left -= $cost) < 0) {
                return null;
            }
            $written = $side === Side::Mirrored ? $beats->mirror() : $beats;
            $tried = $this->examiner->examine(
                $trial->answer->withBeats($written),
                $trial->attack,
                $side,
                $trial->bodies,
                $trial->rung,
            );
            if ($this->isBetter($examination, $tried, $finding)) {
                return new Remedy($words, $written);
            }
        }

        return null;
    }

    private function isBetter(Examination $before, Examination $after, Finding $finding): bool
    {
        $count = static fn (Examination $of, callable $which): int => count(array_filter($of->findings, $which));
        $isSame = static fn (Finding $other): bool => $other->check === $finding->check;
        $isStop = static fn (Finding $other): bool => $other->severity === Severity::Stop;

        return $count($after, $isSame) < $count($before, $isSame)
            && $count($after, $isStop) <= $count($before, $isStop) - ($finding->severity === Severity::Stop ? 1 : 0);
    }

    /** @return iterable<array{Text, Beats}> */
    private function candidates(Finding $finding, Beats $beats, int $at, Trial $trial): iterable
    {
        $beat = $beats->line[$at];

        return match ($finding->check) {
            CheckId::NoExit => $this->leaves($beats, $trial),
            CheckId::OutOfReach, CheckId::WrongArc, CheckId::PinnedLimb, CheckId::TwoJobs => [
                ...$this->otherSides($beats, $at, $finding),
                ...$this->resized($beats, $at, Size::long(), 'mends.lengthen'),
                ...$this->resized($beats, $at - 1, Size::long(), 'mends.lengthen-before'),
            ],
            CheckId::Base, CheckId::NoRoom => $this->resized($beats, $at, Size::short(), 'mends.shorten'),
            CheckId::AgainstTheFingers => $this->towardThumb($beats, $at),
            CheckId::BlindExit => [
                [$this->adds($look = new Action(null, Verb::Look)), $beats->withBeat($at, $beat->and($look))],
            ],
            CheckId::StillHeld => [
                [
                    Text::of('mends.strip-before'),
                    $beats->withInserted(
                        $at,
                        new Beat([
                            new Action(
                                Limb::BothHands,
                                Verb::Strip,
                                toward: $trial->attack->kind->holdsWrist() ? Toward::Thumb : null,
                            ),
                        ]),
                    ),
                ],
            ],
            CheckId::IsHit, CheckId::InTheLine => $this->withHand($beats, $at, Verb::Parry),
            CheckId::LooseHand => $this->withHand($beats, $at, Verb::Guard),
            CheckId::SlowChoke => [
                [$this->adds($tuck = new Action(null, Verb::Tuck)), $beats->withBeat($at, $beat->and($tuck))],
            ],
            default => [],
        };
    }

    /** @return iterable<array{Text, Beats}> */
    private function leaves(Beats $beats, Trial $trial): iterable
    {
        $end = $trial->run->end();
        $away = (int) round(
            $end->positions()->attacker->feet->axis->bearingTo($end->positions()->defender->feet->axis) / 30,
        );
        foreach ([0, 1, -1, 2, -2, 3, -3] as $turn) {
            $bearing = Bearing::hour(((($away + $turn) % 12) + 12) % 12 ?: 12);
            $leave = new Action(null, Verb::Leave, bearing: $bearing);
            yield [
                $this->adds($leave),
                $beats->withInserted(count($beats->line), new Beat([$leave, new Action(null, Verb::Look)])),
            ];
        }
    }

    /** @return iterable<array{Text, Beats}> */
    private function otherSides(Beats $beats, int $at, Finding $finding): iterable
    {
        foreach ($beats->line[$at]->actions as $position => $action) {
            if ($action->limb !== null && $action->limb === $finding->limb && $action->limb->hasSide()) {
                yield [
                    Text::of('mends.other-limb', ['limb' => $action->limb->mirror()->value]),
                    $beats->withBeat(
                        $at,
                        $beats->line[$at]->withAction($position, $action->withLimb($action->limb->mirror())),
                    ),
                ];
            }
        }
    }

    /** @return iterable<array{Text, Beats}> */
    private function resized(Beats $beats, int $at, Size $size, string $text): iterable
    {
        foreach ($beats->line[$at]->actions ?? [] as $position => $action) {
            if (
                $action->verb instanceof Verb
                && $action->verb->movesFeet()
                && $action->verb->hasLength()
                && $action->manner->size?->toText() !== $size->toText()
            ) {
                $changed = $action->withSize($action->manner->size === null ? $size : null);
                yield [
                    Text::of($text, ['action' => $this->printer->action($changed)]),
                    $beats->withBeat($at, $beats->line[$at]->withAction($position, $changed)),
                ];
            }
        }
    }

    /** @return iterable<array{Text, Beats}> */
    private function towardThumb(Beats $beats, int $at): iterable
    {
        foreach ($beats->line[$at]->actions as $position => $action) {
            if ($action->toward === Toward::Fingers) {
                yield [
                    Text::of('mends.toward-thumb'),
                    $beats->withBeat($at, $beats->line[$at]->withAction($position, $action->withToward(Toward::Thumb))),
                ];
            }
        }
    }

    /** @return iterable<array{Text, Beats}> */
    private function withHand(Beats $beats, int $at, Verb $verb): iterable
    {
        foreach ([Limb::BothHands, Limb::LeftHand, Limb::RightHand] as $hand) {
            $action = new Action($hand, $verb);
            yield [$this->adds($action), $beats->withBeat($at, $beats->line[$at]->and($action))];
        }
    }

    private function adds(Action $action): Text
    {
        return Text::of('mends.add', ['action' => $this->printer->action($action)]);
    }
}
