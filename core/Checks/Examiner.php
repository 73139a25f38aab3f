<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Phase;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Mistake;
use StoneDrill\Core\Curriculum\Rung;
use StoneDrill\Core\Curriculum\Waiver;
use StoneDrill\Core\Floor\Bodies;
use StoneDrill\Core\Floor\Destination;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Floor\Run;
use StoneDrill\Core\Floor\Simulation;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\GoToAnswer;
use StoneDrill\Core\Text;

/** Runs an answer for two bodies, tries it with what is assumed left out, and checks it. */
final readonly class Examiner
{
    public function __construct(private Standards $standards) {}

    /**
     * @param ?Rung $rung the rung it is tried at; null for full pace with nothing told
     */
    public function examine(Answer $answer, Attack $attack, Side $side, Bodies $bodies, ?Rung $rung = null): Examination
    {
        return $this->examineIn($answer, $attack, $side, $side === Side::Mirrored, $bodies, $rung);
    }

    /**
     * The same in any cell, as written or mirrored.
     *
     * @param bool   $isMirrored whether the answer is mirrored there
     * @param ?Scope $scope      how closely it is looked at; null for all there is to know
     */
    public function examineIn(
        Answer $answer,
        Attack $attack,
        Side $side,
        bool $isMirrored,
        Bodies $bodies,
        ?Rung $rung = null,
        ?Scope $scope = null,
    ): Examination {
        $scope ??= Scope::whole();
        $facets = $attack->on($side);
        $pace = $rung->pace ?? 1.0;
        [$simulation, $beats] = $this->prepared(
            $answer,
            $attack,
            $side,
            $isMirrored,
            $bodies,
            $pace,
            $scope->seesThreats,
        );
        $run = $simulation->run(
            $beats,
            fn (GoToAnswer $goes): ?Destination => $this->destination(
                $goes,
                $isMirrored ? Side::Mirrored : Side::Written,
                $bodies,
                $pace,
            ),
        );
        $trial = new Trial($answer, $attack, $facets, $bodies, $this->standards, $rung, $run);
        if ($scope->variesUnbacked) {
            $trial = $trial->withRobust((new Robustness($trial, $simulation, $beats))->shortfalls($scope->variesAll));
        }

        return $this->sorted(
            $trial,
            self::found($trial, $scope->checks),
            $this->withoutSome($trial, $simulation, $beats, $scope->checks),
        );
    }

    /**
     * What keeps a main line from working in a cell: the first thing by which it is hit, short, kept from acting, or
     * still held. It is run no further than that.
     *
     * @param Answer $answer     a main line without branches
     * @param bool   $isMirrored whether the answer is mirrored there
     *
     * @return ?Finding as a whole examination would have it ({@see Examination::failure()}); null where it works
     */
    public function failure(Answer $answer, Attack $attack, Side $side, bool $isMirrored, Bodies $bodies): ?Finding
    {
        $facets = $attack->on($side);
        [$simulation, $beats] = $this->prepared($answer, $attack, $side, $isMirrored, $bodies, 1.0, false);
        // Where a second attack comes after a single beat, that beat is not the end, though it is the last one written.
        if (($facets->phase === Phase::FollowUp && count($beats->line) === 1) || self::hasOptional($beats)) {
            return $this->examineIn($answer, $attack, $side, $isMirrored, $bodies, null, Scope::works())->failure();
        }
        $checks = Scope::works()->checks;
        foreach ($simulation->mainLine($beats) as $frame) {
            // None of these checks asks how both stood before: each beat is looked at as if there were no other.
            $trial = new Trial($answer, $attack, $facets, $bodies, $this->standards, null, new Run($frame, [$frame]));
            $found = self::found($trial, $checks);
            $failure = $found === [] ? null : $this->sorted($trial, $found, [])->failure();
            if ($failure !== null) {
                return $failure;
            }
        }

        return null;
    }

    /** @return array{Simulation, Beats} what an answer is run by in a cell, and its beats as they are there */
    private function prepared(
        Answer $answer,
        Attack $attack,
        Side $side,
        bool $isMirrored,
        Bodies $bodies,
        float $pace,
        bool $seesThreats,
    ): array {
        $setting = $this->standards->setting($attack, $pace, $seesThreats);
        $simulation = new Simulation($attack->kind, $attack->on($side), $bodies, $setting);
        $read = $this->asRead($answer);

        return [$simulation, $simulation->inPlace($isMirrored ? $read->mirror() : $read)];
    }

    /** The beats as they read for those of the answer's own rank. */
    private function asRead(Answer $answer): Beats
    {
        $rank = $this->standards->rank($answer->teaching->rank);

        return $answer->beats->readings() === []
            ? $answer->beats
            : $answer->beats->readFor(false, $rank->id, $rank->name);
    }

    /**
     * The answer with one of its usual mistakes made; null where it is not known how it is made.
     *
     * @param ?bool $isMirrored whether the answer is mirrored there; null where that is as its own attack is
     */
    public function made(
        Examination $examination,
        Mistake $mistake,
        Side $side,
        ?bool $isMirrored = null,
    ): ?Examination {
        $trial = $examination->trial;
        $beats = $mistake->in($this->asRead($trial->answer));

        return $beats === null
            ? null
            : $this->examineIn(
                $trial->answer->withBeats($beats),
                $trial->attack,
                $side,
                $isMirrored ?? $side === Side::Mirrored,
                $trial->bodies,
                $trial->rung,
                Scope::asWritten(),
            );
    }

    /**
     * What breaks first in one that does not break in the other: what stops it, else what is warned of, else what is
     * noted.
     */
    public static function more(Examination $examination, Examination $made): ?Finding
    {
        $before = array_merge($examination->findings, array_column($examination->waived, 'finding'));
        foreach (Severity::cases() as $severity) {
            foreach ($made->findings as $finding) {
                $isOld = array_filter(
                    $before,
                    static fn (Finding $old): bool => $old->check === $finding->check
                        && $old->beat === $finding->beat
                        && $old->severity === $finding->severity,
                ) !== [];
                if ($finding->severity === $severity && ! $isOld) {
                    return $finding;
                }
            }
        }

        return null;
    }

    private static function hasOptional(Beats $beats): bool
    {
        foreach ($beats->line as $beat) {
            if ($beat->isOptional) {
                return true;
            }
        }

        return false;
    }

    /**
     * What stops the main line once a beat that may be left out is left out, and once all of them are.
     *
     * @param list<Check> $checks that are asked for
     *
     * @return list<Finding>
     */
    private function withoutSome(Trial $trial, Simulation $simulation, Beats $beats, array $checks): array
    {
        $optional = array_keys(array_filter($beats->line, static fn (Beat $beat): bool => $beat->isOptional));
        $wanted = array_filter(
            Checks::ofTheFloor(),
            static fn (Check $check): bool => in_array($check::class, array_map(get_class(...), $checks), true),
        );
        $found = [];
        foreach (
            $wanted === []
                ? []
                : [
                    ...array_map(static fn (int $one): array => [$one], $optional),
                    ...count($optional) > 1 ? [$optional] : [],
                ] as $left
        ) {
            $fewer = $beats;
            foreach (array_reverse($left) as $position) {
                $fewer = $fewer?->without($position);
            }
            if ($fewer === null) {
                continue;
            }
            $numbers = array_map($beats->number(...), $left);
            $line = $trial->withRun(
                new Run($trial->run->start, iterator_to_array($simulation->mainLine($fewer), false)),
            );
            foreach ($line->stops($wanted) as $finding) {
                $found[] = $finding->saying(
                    Text::counted('checks.without', count($numbers), [
                        'beats' => $numbers,
                        'message' => $finding->message,
                    ]),
                );
            }
        }

        return $found;
    }

    /**
     * @param list<Check> $checks
     *
     * @return list<Finding> in the order of the checks
     */
    private static function found(Trial $trial, array $checks): array
    {
        $found = [];
        foreach ($checks as $check) {
            foreach ($check->find($trial) as $finding) {
                $found[] = $finding;
            }
        }

        return $found;
    }

    /**
     * @param list<Finding> $found   in the order of the checks
     * @param list<Finding> $without what stops it with a beat left out; told where the whole is not stopped alike
     */
    private function sorted(Trial $trial, array $found, array $without): Examination
    {
        foreach ($without as $finding) {
            if (array_filter($found, static fn (Finding $other): bool => $other->isLike($finding)) === []) {
                $found[] = $finding;
            }
        }
        if ($found === []) {
            return new Examination($trial, [], []);
        }
        $place = array_flip(array_map(static fn (Frame $frame): string => $frame->number, $trial->run->frames));
        $byBeat = $waived = [];
        foreach ($found as $finding) {
            $waiver = $this->waiver($trial->answer, $finding);
            if ($waiver === null) {
                $byBeat[$place[$finding->beat] ?? 0][] = $finding;
            } else {
                $waived[] = ['finding' => $finding, 'waiver' => $waiver];
            }
        }
        ksort($byBeat);

        return new Examination($trial, array_merge([], ...array_values($byBeat)), $waived);
    }

    private function waiver(Answer $answer, Finding $finding): ?Waiver
    {
        foreach ($answer->teaching->waived as $waiver) {
            if ($waiver->check === $finding->check && ($waiver->beat === null || $waiver->beat === $finding->beat)) {
                return $waiver;
            }
        }

        return null;
    }

    /** Another answer from one of its beats on, and how both stand there when it is done by itself. */
    private function destination(GoToAnswer $goes, Side $side, Bodies $bodies, float $pace): ?Destination
    {
        $other = $this->standards->answerTitled($goes->title);
        $attack = $other === null ? null : $this->standards->attack($other->attack);
        if ($other === null || $attack === null || $goes->beat > count($other->beats->line)) {
            return null;
        }
        $beats = $side === Side::Mirrored ? $other->beats->mirror() : $other->beats;
        $own = new Simulation(
            $attack->kind,
            $attack->on($side),
            $bodies,
            $this->standards->setting($attack, $pace),
        );
        $line = array_map(
            static fn (Beat $beat): Beat => $beat->withoutBranches(),
            array_slice($beats->line, $goes->beat - 1),
        );
        $before = $own->start();
        foreach ($own->mainLine($beats) as $position => $frame) {
            $before = $position < $goes->beat - 1 ? $frame : $before;
        }

        return new Destination($other->title, $goes->beat, $line, $before);
    }
}
