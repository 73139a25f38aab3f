<?php

declare(strict_types=1);

namespace App\View\Wall;

use App\Persistence\Csv;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Coverage\Cell;

/** The facts of the wall as comma-separated values, a side of an attack a line, as RFC 4180 has them. */
final readonly class WallCsv
{
    public static function of(Wall $wall): string
    {
        $ranks = array_column($wall->catalogue->ranks, 'name', 'id');
        $titles = array_column($wall->catalogue->answers, 'title', 'id');
        $holes = [];
        foreach ($wall->holes->rows as $row) {
            $holes[$row['hole']->cell->text ?? ''][] = $row['hole']->kind->value;
        }
        $lines = [
            [
                'attack',
                'side',
                'family',
                'kind',
                ...array_map(static fn (Facet $facet): string => $facet->value, Facet::cases()),
                ...array_values(texts('wall.csv-columns')),
            ],
        ];
        foreach ($wall->cells as $cell) {
            $lines[] = self::line($cell, $ranks, $titles, $holes[$cell->key->text] ?? []);
        }
        $stream = fopen('php://memory', 'w+b');
        if ($stream === false) {
            return '';
        }
        foreach ($lines as $line) {
            Csv::line($stream, $line);
        }

        return (string) stream_get_contents($stream, offset: 0);
    }

    /**
     * @param array<string, string> $ranks  names by id
     * @param array<string, string> $titles of the answers by id
     * @param list<string>          $holes
     *
     * @return list<string>
     */
    private static function line(Cell $cell, array $ranks, array $titles, array $holes): array
    {
        return [
            $cell->attack->title,
            count($cell->attack->sides()) === 1 ? __('words.one') : $cell->side->value,
            $cell->attack->kind->family->value,
            $cell->attack->kind->id,
            ...array_values($cell->facets->toArray()),
            (string) $cell->attack->prevalence,
            $ranks[$cell->attack->need->rank ?? ''] ?? '',
            $ranks[$cell->taughtAt ?? ''] ?? '',
            $ranks[$cell->laidAt ?? ''] ?? '',
            implode('; ', array_map(static fn (string $id): string => $titles[$id], $cell->answers)),
            implode('; ', $holes),
        ];
    }
}
