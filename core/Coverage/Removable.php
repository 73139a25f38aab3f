<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;

/** Answers that could each be taken away alone without any attack being first answered at another rank. */
final readonly class Removable
{
    /**
     * @return list<string> ids, in the order of the catalogue
     */
    public static function of(Catalogue $catalogue, Coverage $coverage): array
    {
        $order = $catalogue->rankOrder();
        $load = [];
        foreach ($coverage->cells as $cell) {
            $first = array_keys($cell->worksFrom, $order[$cell->laidAt ?? ''] ?? -1, true);
            if (count($first) === 1) {
                $load[$first[0]] = true;
            }
        }

        return array_values(
            array_filter(
                array_map(static fn (Answer $answer): string => $answer->id, $catalogue->answers),
                static fn (string $id): bool => ! isset($load[$id]),
            ),
        );
    }
}
