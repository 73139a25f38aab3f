<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Checks\Examination;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Sizes;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;

/** The sound answers of tests/fixtures/trust.yaml, each examined once. */
final class TrustFixture
{
    public static function standards(): Standards
    {
        return Standards::of(self::catalogue());
    }

    /** @return list<Examination> */
    public static function examinations(): array
    {
        static $examinations = null;
        if ($examinations === null) {
            $catalogue = self::catalogue();
            $examiner = new Examiner(Standards::of($catalogue));
            $sizes = new Sizes($catalogue->school);
            $examinations = [];
            foreach ($catalogue->answers as $answer) {
                $attack = $catalogue->attackOf($answer);
                $examinations[] = $examiner->examine(
                    $answer,
                    $attack,
                    Side::Written,
                    $sizes->bodies(null, null, $attack->facets->build),
                );
            }
        }

        return $examinations;
    }

    public static function catalogue(): Catalogue
    {
        static $catalogue = null;

        return $catalogue ??= (new CatalogueReader())->read(
            (string) file_get_contents(dirname(__DIR__, 2).'/fixtures/trust.yaml'),
            Format::Yaml,
        )->catalogue;
    }
}
