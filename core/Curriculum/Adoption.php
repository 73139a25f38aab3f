<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

use InvalidArgumentException;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Need;

/**
 * What a school takes over from another catalogue: its attacks and answers at the school's own ranks. Whatever the
 * school has already stays as it is, and so does everything that it has set for itself.
 */
final readonly class Adoption
{
    /** @var array<array-key, string> id of the school's rank, by id of the other's */
    private array $ranks;

    /**
     * @param Catalogue             $school
     * @param Catalogue             $other
     * @param array<array-key, string> $ranks  id of the school's rank, by id of the other's; {@see proposal()} where it
     *     says nothing
     *
     * @throws InvalidArgumentException when a rank is named that the school does not have
     */
    public function __construct(private Catalogue $school, private Catalogue $other, array $ranks = [])
    {
        if (array_diff($ranks, array_keys($school->rankOrder())) !== []) {
            throw new InvalidArgumentException('A rank is named that the school does not have.');
        }
        $this->ranks = $ranks + self::proposal($school, $other);
    }

    /**
     * Which rank of a school stands where a rank of the other stands: the lowest with the lowest, the highest with the
     * highest, those between evenly. A school without ranks gets the other's.
     *
     * @return array<array-key, string> id of the school's rank, by id of the other's
     */
    public static function proposal(Catalogue $school, Catalogue $other): array
    {
        $own = array_map(strval(...), array_keys($school->rankOrder()));
        $last = count($other->ranks) - 1;
        $proposal = [];
        foreach ($other->ranks as $position => $rank) {
            $proposal[$rank->id] = $own === []
                ? $rank->id
                : $own[$last === 0 ? 0 : (int) round(($position * (count($own) - 1)) / $last)];
        }

        return $proposal;
    }

    /** Id of the school's rank where a rank of the other stands. */
    public function rankFor(string $other): string
    {
        return $this->ranks[$other] ?? $other;
    }

    /** The school with what it takes over. */
    public function taken(): Catalogue
    {
        [$attacks, $answers] = [$this->attacks(), $this->answers()];

        return new Catalogue(
            $this->school->school,
            $this->school->kinds,
            $this->ranks(),
            $this->school->ladder,
            [...$this->school->attacks, ...$attacks],
            [...$this->school->answers, ...$answers],
        );
    }

    /** @return list<Rank> the school's own; without any the other's, each with a goal that the school's ladder has */
    private function ranks(): array
    {
        if ($this->school->ranks !== []) {
            return $this->school->ranks;
        }
        $rungs = $this->school->ladder->ids();

        return array_map(
            static fn (Rank $rank): Rank => new Rank(
                $rank->id,
                $rank->name,
                $rank->maxBeats,
                max([$rungs[0], ...array_filter($rungs, static fn (int $rung): bool => $rung <= $rank->goalRung)]),
            ),
            $this->other->ranks,
        );
    }

    /** @return list<Attack> those that the school does not have yet */
    public function attacks(): array
    {
        $new = array_filter(
            $this->other->attacks,
            fn (Attack $attack): bool => ! $this->school->hasAttack($attack->id),
        );

        return array_values(
            array_map(
                fn (Attack $attack): Attack => $attack->neededBy(
                    new Need(
                        $this->rank($attack->need->rank),
                        $this->rank($attack->need->youth),
                        $attack->need->isCritical,
                    ),
                ),
                $new,
            ),
        );
    }

    /**
     * Those that the school does not have yet, by id and by title, and the attack of which is the same in both.
     *
     * @return list<Answer>
     */
    public function answers(): array
    {
        $new = array_values(
            array_filter(
                $this->other->answers,
                fn (Answer $answer): bool => ! $this->school->hasAnswer($answer->id)
                    && $this->school->answerTitled($answer->title) === null
                    && $this->isSameAttack($answer->attack),
            ),
        );
        $known = [...array_column($new, 'id', 'id'), ...array_column($this->school->answers, 'id', 'id')];

        return array_map(
            fn (Answer $answer): Answer => new Answer(
                $answer->id,
                $answer->title,
                $answer->label,
                $answer->attack,
                $answer->matching,
                $this->teaching($answer->teaching, $known),
                $answer->beats,
            ),
            $new,
        );
    }

    /**
     * Whether an attack of the other means the same in the school, or is not there yet: otherwise its id is used for
     * another one there.
     */
    public function isSameAttack(string $id): bool
    {
        if (! $this->school->hasAttack($id)) {
            return true;
        }
        [$own, $others] = [$this->school->attack($id), $this->other->attack($id)];

        return $own->kind->id === $others->kind->id && $own->facets->bits === $others->facets->bits;
    }

    /**
     * What an answer is for goes with it, where the school means something else by default.
     *
     * @param array<string, string> $known ids of the answers that there are then, by themselves
     */
    private function teaching(Teaching $teaching, array $known): Teaching
    {
        $doctrine = $teaching->doctrine ?? $this->other->school->doctrine;

        return new Teaching(
            (string) $this->rank($teaching->rank),
            $this->short($teaching),
            $doctrine === $this->school->school->doctrine ? null : $doctrine,
            $teaching->mistakes,
            $teaching->waived,
            $this->rank($teaching->rankYouth),
            $known[$teaching->variantOf ?? ''] ?? null,
        );
    }

    /** A short form stays only where it still comes earlier. */
    private function short(Teaching $teaching): ?ShortForm
    {
        if ($teaching->short === null) {
            return null;
        }
        [$rank, $own] = [(string) $this->rank($teaching->short->rank), (string) $this->rank($teaching->rank)];
        $order = $this->school->ranks === [] ? $this->other->rankOrder() : $this->school->rankOrder();

        return $order[$rank] < $order[$own] ? new ShortForm($rank, $teaching->short->beats) : null;
    }

    private function rank(?string $id): ?string
    {
        return $id === null ? null : $this->rankFor($id);
    }
}
