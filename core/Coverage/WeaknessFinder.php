<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Attack\Build;
use StoneDrill\Core\Checks\Examination;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\Finding;
use StoneDrill\Core\Checks\Scope;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Checks\Timing;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Curriculum\Sizes;
use StoneDrill\Core\Floor\Bodies;
use StoneDrill\Core\Technique\Beats;

/**
 * Runs answers in the cells that they lay, and tells what each lacks there. What was found is kept and asked for again.
 */
final class WeaknessFinder
{
    private readonly Standards $standards;

    private readonly Examiner $examiner;

    private readonly Sizes $sizes;

    private readonly RunKeys $keys;

    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly Works $works,
        private readonly RunCache $memory = new RunCache(),
    ) {
        $this->standards = Standards::of($catalogue);
        $this->examiner = new Examiner($this->standards);
        $this->sizes = new Sizes($catalogue->school);
        $this->keys = new RunKeys($catalogue, $this->standards);
    }

    /**
     * Whether an answer lacks this in a cell. Only what it takes to tell is run.
     *
     * @param string $need       id of the rank that needs the cell
     * @param bool   $isMirrored whether the answer is mirrored there
     */
    public function has(Weakness $weakness, Answer $answer, Cell $cell, string $need, bool $isMirrored): bool
    {
        $taught = fn (): Answer => $this->works->taught($answer, $need);

        return match ($weakness) {
            Weakness::Slow => $this->isSlow($taught(), $cell, $need),
            Weakness::SizeBound => $this->memory->of(
                $this->keys->of('size', $answer, $cell->attack, $cell->side, $need, $isMirrored),
                fn (): bool => $this->isSizeBound($taught(), $cell, $isMirrored),
            ),
            default => in_array(
                $weakness,
                $this->memory->of(
                    $this->keys->of('weakness', $answer, $cell->attack, $cell->side, $need, $isMirrored),
                    fn (): array => $this->search($taught(), $cell, $isMirrored),
                ),
                true,
            ),
        };
    }

    /**
     * The move that puts what the policy teaches in the place of what it does not; null where that leaves something
     * barred.
     */
    public function softened(Answer $answer, Cell $cell, string $need): ?Move
    {
        $isMirrored = ! $answer->matching->coversAsWritten($cell->attack->kind, $cell->facets);
        $move = $this->memory->of(
            $this->keys->of('soft', $answer, $cell->attack, $cell->side, $need, $isMirrored),
            fn (): array|false => $this->soften($answer, $cell, $need, $isMirrored),
        );

        return $move === false ? null : new Move(MoveKind::Soften, $answer->id, $move[1], beats: $move[0]);
    }

    /** @return array{Beats, list<Finding>}|false the softer beats, and what is found anew with them */
    private function soften(Answer $answer, Cell $cell, string $need, bool $isMirrored): array|false
    {
        $soft = (new Softener($this->standards->policy, $answer->teaching->rank))->soften($answer->beats);
        if ($soft === null) {
            return false;
        }
        $bodies = $this->sizes->bodies(null, null, $cell->attack->facets->build);
        $taught = $this->works->taught($answer, $need);
        $before = $this->examine($taught, $cell, $isMirrored, $bodies, Scope::asWritten());
        $after = $this->examine($answer->withBeats($soft), $cell, $isMirrored, $bodies, Scope::asWritten());
        $anew = array_values(
            array_filter(
                $after->findings,
                static fn (Finding $finding): bool => array_filter(
                    $before->findings,
                    static fn (Finding $old): bool => $old->isLike($finding),
                ) === [],
            ),
        );

        return $this->finds($after, CheckId::Policy) ? false : [$soft, $anew];
    }

    /** @return list<Weakness> those that one run of it shows */
    private function search(Answer $answer, Cell $cell, bool $isMirrored): array
    {
        $bodies = $this->sizes->bodies(null, null, $cell->attack->facets->build);
        $examination = $this->examine($answer, $cell, $isMirrored, $bodies, Scope::holes());

        return array_values(
            array_filter([
                $this->finds($examination, CheckId::Policy) ? Weakness::Barred : null,
                $this->finds($examination, CheckId::NoExit) ? Weakness::NoWayOut : null,
                $this->finds($examination, CheckId::Unbranched) ? Weakness::NoWhatIf : null,
            ]),
        );
    }

    private function finds(Examination $examination, CheckId $check): bool
    {
        return array_filter($examination->findings, static fn (Finding $finding): bool => $finding->check === $check)
            !== [];
    }

    /** Whether something stops with a smaller defender and a larger attacker, and nothing with two typical bodies. */
    private function isSizeBound(Answer $answer, Cell $cell, bool $isMirrored): bool
    {
        $typical = $this->catalogue->school->statures->typical;
        $apart = $this->sizes->bodies($this->sizes->next($typical, -1), $this->sizes->next($typical, 1), Build::Alike);

        return $this->stops($answer, $cell, $isMirrored, $apart)
            && ! $this->stops($answer, $cell, $isMirrored, $this->sizes->bodies($typical, $typical, Build::Alike));
    }

    private function stops(Answer $answer, Cell $cell, bool $isMirrored, Bodies $bodies): bool
    {
        return $this->examine($answer, $cell, $isMirrored, $bodies, Scope::stops())->hasStops();
    }

    private function examine(Answer $answer, Cell $cell, bool $isMirrored, Bodies $bodies, Scope $scope): Examination
    {
        return $this->examiner->examineIn($answer, $cell->attack, $cell->side, $isMirrored, $bodies, null, $scope);
    }

    /** Whether its first beat comes too late at the rung that is the rank's goal. */
    private function isSlow(Answer $answer, Cell $cell, string $need): bool
    {
        $arrival = Timing::arrival($cell->attack->kind, $cell->facets);
        $rung = $this->catalogue->ladder->get($this->standards->rank($need)->goalRung);

        return $arrival !== null
            && Timing::spare(
                $arrival,
                $this->catalogue->school->reaction,
                $this->standards->familyBits($answer->teaching->rank),
                $answer->beats->line[0]->seconds(),
                $rung,
            ) < -1e-9;
    }
}
