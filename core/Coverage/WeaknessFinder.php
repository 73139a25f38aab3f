<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Attack\Build;
use StoneDrill\Core\Checks\Examination;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\Finding;
use StoneDrill\Core\Checks\Scope;
use StoneDrill\Core\Checks\SlowStart;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Checks\Timing;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Curriculum\Leaving;
use StoneDrill\Core\Curriculum\Sizes;
use StoneDrill\Core\Floor\Bodies;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Text;

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
     * Where an answer lacks this in a cell; null where it does not. Only what it takes to tell is run.
     *
     * @param string $need       id of the rank that needs the cell
     * @param bool   $isMirrored whether the answer is mirrored there
     */
    public function find(
        Weakness $weakness,
        Answer $answer,
        Cell $cell,
        string $need,
        bool $isMirrored,
    ): ?Failure {
        $taught = fn (): Answer => $this->works->taught($answer, $need);
        $found = match ($weakness) {
            Weakness::Slow => $this->tooSlow($taught(), $cell, $need),
            Weakness::SizeBound => $this->memory->of(
                $this->keys->of('size', $answer, $cell->attack, $cell->side, $need, $isMirrored),
                fn (): ?array => $this->boundToSize($taught(), $cell, $isMirrored),
            ),
            default => $this->memory->of(
                $this->keys->of('weakness', $answer, $cell->attack, $cell->side, $need, $isMirrored),
                fn (): array => $this->search($taught(), $cell, $isMirrored),
            )[$weakness->value] ?? null,
        };

        return $found === null ? null : new Failure($answer->id, ...$found);
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

        return $after->of(CheckId::Policy) === null ? [$soft, $anew] : false;
    }

    /** @return array<string, array{string, Text}> beat and what is wrong there, by what one run of it shows */
    private function search(Answer $answer, Cell $cell, bool $isMirrored): array
    {
        $bodies = $this->sizes->bodies(null, null, $cell->attack->facets->build);
        $examination = $this->examine($answer, $cell, $isMirrored, $bodies, Scope::holes());

        return array_filter([
            Weakness::Barred->value => self::place($examination->of(CheckId::Policy)),
            // Where a school leaves it open, what is told of it is no weakness.
            Weakness::NoWayOut->value => $this->catalogue->school->asks->leaving === Leaving::Free
                ? null
                : self::place($examination->of(CheckId::NoExit)),
            Weakness::NoWhatIf->value => self::place($examination->of(CheckId::Unbranched)),
        ]);
    }

    /** @return array{string, Text}|null beat and what is wrong there */
    private static function place(?Finding $finding): ?array
    {
        return $finding === null ? null : [$finding->beat, $finding->message];
    }

    /**
     * What stops it with a smaller defender and a larger attacker, where nothing does with two typical bodies.
     *
     * @return array{string, Text}|null beat and what is wrong there
     */
    private function boundToSize(Answer $answer, Cell $cell, bool $isMirrored): ?array
    {
        $typical = $this->catalogue->school->statures->typical;
        $apart = $this->sizes->bodies($this->sizes->next($typical, -1), $this->sizes->next($typical, 1), Build::Alike);

        $stop = $this->examine($answer, $cell, $isMirrored, $apart, Scope::stops())->stop();
        if ($stop === null) {
            return null;
        }
        $alike = $this->sizes->bodies($typical, $typical, Build::Alike);

        return $this->examine($answer, $cell, $isMirrored, $alike, Scope::stops())->hasStops()
            ? null
            : self::place($stop);
    }

    private function examine(Answer $answer, Cell $cell, bool $isMirrored, Bodies $bodies, Scope $scope): Examination
    {
        return $this->examiner->examineIn($answer, $cell->attack, $cell->side, $isMirrored, $bodies, null, $scope);
    }

    /**
     * By how much its first beat comes too late at the rung that is the rank's goal.
     *
     * @return array{string, Text}|null beat and what is wrong there
     */
    private function tooSlow(Answer $answer, Cell $cell, string $need): ?array
    {
        $arrival = Timing::arrival($cell->attack->kind, $cell->facets);
        $late = $arrival === null
            ? null
            : SlowStart::late(
                $this->standards,
                $answer->teaching->rank,
                $arrival,
                $answer->beats->line[0]->seconds(),
                $this->catalogue->ladder->get($this->standards->rank($need)->goalRung),
            );

        return $late === null ? null : ['1', Text::of('checks.slow-start.message', $late)];
    }
}
