<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\Finding;
use StoneDrill\Core\Checks\Scope;
use StoneDrill\Core\Checks\Severity;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Floor\Bodies;
use StoneDrill\Core\Floor\RunLimits;

/**
 * Answers that would meet an attack if one facet of what they are for were wider, tried there with bodies of all sizes.
 */
final class Widener
{
    private readonly Examiner $examiner;

    private readonly RunKeys $keys;

    /** @var array<string, Attack> by id */
    private readonly array $attacks;

    /** @var array<string, int> beats of the main line of each answer, by its title */
    private readonly array $lengths;

    /** @var array<string, int> how many beats an answer has, by its id */
    private array $beats = [];

    /** @var array<string, list<Finding>> what is found against its own attack, by answer, mirrored and sizes */
    private array $own = [];

    public function __construct(
        private readonly Catalogue $catalogue,
        private readonly RunCache $memory = new RunCache(),
    ) {
        $standards = Standards::of($catalogue);
        $this->examiner = new Examiner($standards);
        $this->keys = new RunKeys($catalogue, $standards);
        $this->attacks = array_column($catalogue->attacks, null, 'id');
        $lengths = [];
        foreach ($catalogue->answers as $answer) {
            $lengths[$answer->title] = count($answer->beats->line);
        }
        $this->lengths = $lengths;
    }

    /**
     * The one facet, or `kind`, that keeps an answer of the same family from meeting a cell, and whether it would be
     * mirrored there.
     *
     * @return array{string, bool}|null null where it meets it, fails in more, or is too long to be tried everywhere
     */
    public function near(Answer $answer, Cell $cell): ?array
    {
        if (
            $this->attacks[$answer->attack]->kind->family !== $cell->attack->kind->family
            || $this->beats($answer) > RunLimits::WIDENED
        ) {
            return null;
        }
        $facets = $cell->facets;
        foreach ($answer->matching->mirrored ? [false, true] : [false] as $isMirrored) {
            $misses = ($isMirrored ? $answer->matching->pattern->mirror() : $answer->matching->pattern)->misses(
                $cell->attack->kind,
                $facets,
            );
            if ($misses === []) {
                return null;
            }
            if (count($misses) === 1) {
                return [$misses[0], $isMirrored];
            }
        }

        return null;
    }

    /**
     * What is found in that cell, with any two sizes, that is not found against its own attack: stops and warnings,
     * each check and beat once.
     *
     * @return list<Finding>
     */
    public function findings(Answer $answer, Cell $cell, bool $isMirrored): array
    {
        return $this->memory->of(
            $this->keys->of('widen', $answer, $cell->attack, $cell->side, '', $isMirrored),
            fn (): array => $this->search($answer, $cell, $isMirrored),
        );
    }

    /** Beats that a run of it walks at most, those that it goes on to among them. */
    private function beats(Answer $answer): int
    {
        return $this->beats[$answer->id] ??=
            $answer->beats->count()
            + array_sum(array_map(fn (string $title): int => $this->lengths[$title] ?? 0, $answer->beats->goesTo()));
    }

    public function hasNewStops(Answer $answer, Cell $cell, bool $isMirrored): bool
    {
        foreach ($this->findings($answer, $cell, $isMirrored) as $finding) {
            if ($finding->severity === Severity::Stop) {
                return true;
            }
        }

        return false;
    }

    /** @return list<Finding> */
    private function search(Answer $answer, Cell $cell, bool $isMirrored): array
    {
        $found = [];
        foreach ($this->catalogue->school->statures->sizes as $defender) {
            foreach ($this->catalogue->school->statures->sizes as $attacker) {
                $bodies = new Bodies($defender, $attacker);
                $own = $this->own($answer, $isMirrored, $bodies);
                foreach (
                    $this->examiner->examineIn(
                        $answer,
                        $cell->attack,
                        $cell->side,
                        $isMirrored,
                        $bodies,
                        null,
                        Scope::asWritten(),
                    )->findings as $finding
                ) {
                    $isOld = array_filter($own, static fn (Finding $old): bool => $old->isLike($finding)) !== [];
                    if ($finding->severity !== Severity::Note && ! $isOld) {
                        $found[$finding->check->value.' '.$finding->beat] ??= $finding;
                    }
                }
            }
        }
        usort(
            $found,
            static fn (Finding $a, Finding $b): int => [
                $a->severity !== Severity::Stop,
                $a->beat,
                $a->check->value,
            ] <=> [$b->severity !== Severity::Stop, $b->beat, $b->check->value],
        );

        return $found;
    }

    /** @return list<Finding> */
    private function own(Answer $answer, bool $isMirrored, Bodies $bodies): array
    {
        $attack = $this->attacks[$answer->attack];
        $key = sprintf('%s %d %s %s', $answer->id, $isMirrored, $bodies->defender, $bodies->attacker);

        return $this->own[$key] ??= $this->examiner->examineIn(
            $answer,
            $attack,
            $isMirrored ? Side::Mirrored : Side::Written,
            $isMirrored,
            $bodies,
            null,
            Scope::asWritten(),
        )->findings;
    }
}
