<?php

declare(strict_types=1);

use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;

/* What the benchmarks share: the clock, the reference that everything is set beside, and the demo. */

require dirname(__DIR__).'/vendor/autoload.php';

/** The shortest of so many times, in milliseconds. */
function milliseconds(callable $work, int $times): float
{
    $best = INF;
    for ($i = 0; $i < $times; $i++) {
        $start = hrtime(true);
        $work();
        $best = min($best, (hrtime(true) - $start) / 1e6);
    }

    return $best;
}

/** The middle one of so many times, in milliseconds, where each does something else. */
function middle(callable $work, int $times): float
{
    $all = [];
    for ($i = 0; $i < $times; $i++) {
        $all[] = milliseconds($work, 1);
    }
    sort($all);

    return $all[intdiv($times, 2)];
}

/** Milliseconds of plain arithmetic on this machine now; machines differ. */
function reference(): float
{
    $reference = milliseconds(static function (): void {
        for ($i = 0, $sum = 0.0; $i < 100_000; $i++) {
            $sum += sqrt(hypot($i, 3.0)) * sin($i);
        }
    }, 9);
    printf("reference: 100,000 × hypot, sqrt, sin             %8.2f ms\n", $reference);

    return $reference;
}

function demo(): Catalogue
{
    return (new CatalogueReader())->read(
        (string) file_get_contents(dirname(__DIR__).'/database/demo/cinder-quay.yaml'),
        Format::Yaml,
    )->catalogue;
}
