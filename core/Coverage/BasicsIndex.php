<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;

/**
 * The index of basics: what appears at which rank for the first time, and where each is used. Branches are left out.
 */
final readonly class BasicsIndex
{
    /** @param list<IndexedWord> $basics by rank, then kind, then name */
    private function __construct(public array $basics) {}

    public static function of(Catalogue $catalogue): self
    {
        $order = $catalogue->rankOrder();
        $answers = $catalogue->answers;
        usort($answers, static fn (Answer $a, Answer $b): int => $a->introducedAt($order) <=> $b->introducedAt($order));
        $verbs = $uses = $first = [];
        foreach ($answers as $answer) {
            foreach ($answer->beats->line as $index => $beat) {
                foreach ($beat->actions as $action) {
                    if (WordKind::of($action->verb) === null) {
                        continue;
                    }
                    $word = $action->verb->value;
                    $verbs[$word] = $action->verb;
                    $uses[$word][$answer->id] ??= [$answer, []];
                    $uses[$word][$answer->id][1][$index] = $index + 1;
                    $first[$word] = min($first[$word] ?? PHP_INT_MAX, self::learnt($answer, $index, $order));
                }
            }
        }
        $ranks = array_map(strval(...), array_keys($order));
        $basics = [];
        foreach ($uses as $word => $used) {
            $verb = $verbs[$word] ?? null;
            $kind = $verb === null ? null : WordKind::of($verb);
            if ($verb !== null && $kind !== null) {
                $basics[] = new IndexedWord(
                    $kind,
                    $verb,
                    $ranks[$first[$word] ?? 0],
                    array_map(static fn (array $use): array => [$use[0], array_values($use[1])], array_values($used)),
                );
            }
        }
        usort(
            $basics,
            static fn (IndexedWord $a, IndexedWord $b): int => [
                $order[$a->rank],
                $a->kind->order(),
                $a->verb->value,
            ] <=> [$order[$b->rank], $b->kind->order(), $b->verb->value],
        );

        return new self($basics);
    }

    public function find(string $word): ?IndexedWord
    {
        return array_values(
            array_filter($this->basics, static fn (IndexedWord $basic): bool => $basic->verb->value === $word),
        )[0] ?? null;
    }

    /** @return list<IndexedWord> those that appear at a rank for the first time */
    public function at(string $rank): array
    {
        return array_values(
            array_filter($this->basics, static fn (IndexedWord $basic): bool => $basic->rank === $rank),
        );
    }

    /**
     * Position of the rank at which a beat is taught: a short form brings only its own beats.
     *
     * @param int                $index from 0
     * @param array<string, int> $order position by id of the rank
     */
    private static function learnt(Answer $answer, int $index, array $order): int
    {
        $isShort = $answer->teaching->short !== null
        && ($index < $answer->teaching->short->beats || $index === count($answer->beats->line) - 1);

        return $isShort
            ? min($order[$answer->teaching->short->rank], $order[$answer->teaching->rank])
            : $order[$answer->teaching->rank];
    }
}
