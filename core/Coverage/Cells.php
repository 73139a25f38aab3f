<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Rank;

/** Finds which answers are taught to each side of each attack. */
final class Cells
{
    /**
     * @param list<Attack>                                    $attacks   of the catalogue
     * @param callable(Answer, Attack, Side, bool): ?int $worksFrom position of the rank from which an answer, mirrored
     *     or not, works there; null where it does not
     *
     * @return list<Cell>
     */
    public static function of(Catalogue $catalogue, array $attacks, callable $worksFrom): array
    {
        $order = $catalogue->rankOrder();
        $ranks = array_map(static fn (Rank $rank): string => $rank->id, $catalogue->ranks);
        $from = [];
        foreach ($catalogue->answers as $answer) {
            $from[$answer->id] = $answer->introducedAt($order);
        }
        $byKind = self::byKind($catalogue->answers);
        $cells = [];
        foreach ($attacks as $attack) {
            $rivals = [...$byKind[$attack->kind->id] ?? [], ...$byKind['*'] ?? []];
            foreach ($attack->sides() as $side) {
                $answers = self::answering($attack, $attack->on($side), $rivals);
                count($answers) > 1
                    && usort($answers, static fn (Answer $a, Answer $b): int => $from[$a->id] <=> $from[$b->id]);
                $works = [];
                foreach ($answers as $answer) {
                    $position = $worksFrom(
                        $answer,
                        $attack,
                        $side,
                        ! $answer->matching->coversAsWritten($attack->kind, $attack->on($side)),
                    );
                    if ($position !== null) {
                        $works[$answer->id] = $position;
                    }
                }
                $cells[] = new Cell(
                    $attack,
                    $side,
                    array_map(static fn (Answer $answer): string => $answer->id, $answers),
                    $works,
                    $answers === [] ? null : $ranks[$from[$answers[0]->id]],
                    $works === [] ? null : $ranks[min($works)],
                );
            }
        }

        return $cells;
    }

    /**
     * @param list<Answer> $answers
     *
     * @return array<string, list<Answer>> by id of the kind, `*` for those that answer any
     */
    private static function byKind(array $answers): array
    {
        $byKind = [];
        foreach ($answers as $answer) {
            foreach ($answer->matching->pattern->kinds ?? ['*'] as $kind) {
                $byKind[$kind][] = $answer;
            }
        }

        return $byKind;
    }

    /**
     * @param list<Answer> $answers
     *
     * @return list<Answer>
     */
    private static function answering(Attack $attack, Facets $facets, array $answers): array
    {
        $answering = [];
        foreach ($answers as $answer) {
            if ($answer->matching->covers($attack->kind, $facets)) {
                $answering[] = $answer;
            }
        }

        return $answering;
    }
}
