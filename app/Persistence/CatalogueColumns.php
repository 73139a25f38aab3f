<?php

declare(strict_types=1);

namespace App\Persistence;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\AttackerLimb;
use StoneDrill\Core\Attack\DefenderHold;
use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Mistake;
use StoneDrill\Core\Curriculum\PolicyRow;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Curriculum\Waiver;

/** The way from core values to the columns of their rows; {@see CatalogueMapper} is the way back. */
final readonly class CatalogueColumns
{
    /** @return array<string, mixed> */
    public static function school(Catalogue $catalogue): array
    {
        $school = $catalogue->school;

        return [
            'name' => $school->name,
            'doctrine' => $school->doctrine->value,
            'bearings' => $school->conventions->bearings->value,
            'typical' => $school->statures->typical,
            'share' => $school->proof->share,
            'half_life' => $school->proof->halfLife,
            'latest' => $school->proof->latest,
            'credit_arm' => $school->proof->credits->arm,
            'credit_body' => $school->proof->credits->body,
            'credit_recovered' => $school->proof->credits->recovered,
            'reaction_base' => $school->asks->reaction->base,
            'reaction_per_bit' => $school->asks->reaction->perBit,
            'test_pass' => round(100 * $school->proof->test->pass, 9),
            'test_ready' => round(100 * $school->proof->test->ready, 9),
            'test_repeats' => $school->proof->test->repeats,
            'test_untried' => $school->proof->test->untried,
            'tolerance' => $school->asks->tolerance,
            'leaving' => $school->asks->leaving->value,
            'class_habits' => (array) $school->conventions->classes,
            'turning' => $school->asks->turning,
            'force' => (array) $school->asks->force,
            'effect_times' => (array) $school->asks->effects,
            'sizes' => $school->statures->sizes,
            'hole_factors' => $school->holeFactors,
            'policy' => $school->policy === null
                ? null
                : array_map(
                    static fn (PolicyRow $row): array => [
                        'hazard' => $row->hazard->value,
                        'under' => $row->under,
                        'rank' => $row->rank,
                        'level' => $row->level->value,
                    ],
                    $school->policy,
                ),
            'aliases' => $school->conventions->aliases,
            'nouns' => $school->conventions->nouns->words,
            'scope' => $school->conventions->scope->values,
            'zone' => $school->conventions->zone,
        ];
    }

    /** @return array<string, mixed> */
    public static function kind(Kind $kind): array
    {
        return [
            'code' => $kind->id,
            'name' => $kind->words->name ?? $kind->id,
            'family' => $kind->family->value,
            'start' => $kind->start->value,
            'attacker_busy' => array_map(static fn (AttackerLimb $limb): string => $limb->value, $kind->attackerLimbs),
            'defender_held' => array_map(static fn (DefenderHold $held): string => $held->value, $kind->defenderHolds),
            'hands' => array_map(static fn (Hand $hand): string => $hand->value, $kind->hands),
            'bearings' => $kind->bearings,
            'cautions' => $kind->words->cautions ?? [],
        ];
    }

    /**
     * @param array<string, int> $ranks
     *
     * @return array<string, mixed>
     */
    public static function attack(Attack $attack, array $ranks): array
    {
        return [
            'code' => $attack->id,
            'title' => $attack->title,
            'kind' => $attack->kind->id,
            ...$attack->facets->toArray(),
            'needed_by_id' => $ranks[$attack->need->rank ?? ''] ?? null,
            'needed_by_youth_id' => $ranks[$attack->need->youth ?? ''] ?? null,
            'prevalence' => $attack->prevalence,
            'critical' => $attack->need->isCritical,
            'recoil' => $attack->briefing->recoil,
            'notes' => $attack->briefing->notes,
            'cautions' => $attack->briefing->cautions,
        ];
    }

    /**
     * @param array<string, int> $ranks
     * @param array<string, int> $attacks
     *
     * @return array<string, mixed>
     */
    public static function answer(Answer $answer, array $ranks, array $attacks): array
    {
        return [
            'code' => $answer->id,
            'title' => $answer->title,
            'label' => $answer->label,
            'attack_id' => $attacks[$answer->attack],
            'pattern' => $answer->matching->listed,
            'mirrored' => $answer->matching->mirrored,
            'rank_id' => $ranks[$answer->teaching->rank],
            'short_rank_id' => $answer->teaching->short === null ? null : $ranks[$answer->teaching->short->rank],
            'short_beats' => $answer->teaching->short?->beats,
            'doctrine' => $answer->teaching->doctrine?->value,
            'rank_youth_id' => $ranks[$answer->teaching->rankYouth ?? ''] ?? null,
            'is_for_youth' => $answer->teaching->youthRank() !== null,
            'mistakes' => array_column($answer->teaching->mistakes, 'text'),
            'instead' => self::instead($answer->teaching->mistakes),
            'waived' => array_map(
                static fn (Waiver $waiver): array => [
                    'check' => $waiver->check->value,
                    'beat' => $waiver->beat,
                    'reason' => $waiver->reason,
                ],
                $answer->teaching->waived,
            ),
            'beats' => $answer->beats->toText(),
        ];
    }

    /**
     * @param list<Mistake> $mistakes
     *
     * @return array<string, array{at: ?int, instead: string}> by their words
     */
    private static function instead(array $mistakes): array
    {
        $instead = [];
        foreach ($mistakes as $mistake) {
            if ($mistake->instead !== null) {
                $instead[$mistake->text] = ['at' => $mistake->at, 'instead' => $mistake->instead->toText()];
            }
        }

        return $instead;
    }

    /**
     * @param array<string, int> $ranks
     *
     * @return array<string, mixed>
     */
    public static function student(Student $student, array $ranks): array
    {
        return [
            'code' => $student->id,
            'name' => $student->name,
            'rank_id' => $ranks[$student->rank],
            'height' => $student->height,
            'born' => $student->born?->format('Y-m-d'),
            'flags' => $student->flags,
        ];
    }
}
