<?php

declare(strict_types=1);

namespace Tests\Core\Curriculum;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Checks\Examination;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Sizes;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;

/** The curricula that ship with the application. */
final class StartersFixture
{
    public const ANSWERED = ['leave-at-once', 'hit-and-leave', 'hold-and-control'];

    public static function catalogue(string $name): Catalogue
    {
        static $catalogues = [];
        $file = dirname(__DIR__, 3)."/database/starters/{$name}.yaml";

        return $catalogues[$name] ??= (new CatalogueReader())->read(
            (string) file_get_contents($file),
            Format::Yaml,
        )->catalogue;
    }

    /**
     * Every answer of a starter for typical bodies, on each side of its attack.
     *
     * @return iterable<string, array{Examiner, Examination, Side}>
     */
    public static function examinations(string $name): iterable
    {
        $catalogue = self::catalogue($name);
        $examiner = new Examiner(Standards::of($catalogue));
        $sizes = new Sizes($catalogue->school);
        foreach ($catalogue->answers as $answer) {
            $attack = $catalogue->attackOf($answer);
            foreach ($attack->sides() as $side) {
                yield "{$answer->title}, {$side->value}" => [
                    $examiner,
                    $examiner->examine($answer, $attack, $side, $sizes->bodies(null, null, $attack->facets->build)),
                    $side,
                ];
            }
        }
    }

    /** @return list<string> ids of the attacks */
    public static function attacks(string $name): array
    {
        return array_map(static fn (Attack $attack): string => $attack->id, self::catalogue($name)->attacks);
    }
}
