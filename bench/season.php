<?php

declare(strict_types=1);

use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Proof\Windows;
use StoneDrill\Core\Session\Season\Candidate;
use StoneDrill\Core\Session\Season\Mending;
use StoneDrill\Core\Session\Season\Season;
use StoneDrill\Core\Session\Season\SeasonClass;

/*
 * What the way to a test costs for 200 candidates and a year of classes, beside a reference of plain arithmetic in the
 * same run.
 *
 *   PHP_INI_SCAN_DIR=:deploy/compiled php bench/season.php
 */

require __DIR__.'/clock.php';
require __DIR__.'/large-catalogue.php';

$reference = reference();
$file = (new CatalogueReader())->read(
    (string) file_get_contents(__DIR__.'/../database/demo/cinder-quay.yaml'),
    Format::Yaml,
);
$catalogue = $file->catalogue;
$now = new DateTimeImmutable('2026-11-24T20:00:00+00:00');
$cells = Coverage::of($catalogue)->cells;
$windows = array_values(Windows::of($file->reps, $catalogue->attacks, $catalogue->ladder, $now));

foreach ([[30, 10, 5], [200, 104, 52]] as [$count, $evenings, $weeks]) {
    $candidates = array_map(
        static fn (int $number): Candidate => new Candidate(
            new Student("s{$number}", "S {$number}", $catalogue->ranks[0]->id),
            $windows[$number % count($windows)],
        ),
        range(1, $count),
    );
    $classes = array_map(
        static fn (int $number): SeasonClass => new SeasonClass(
            "c{$number}",
            $now->getTimestamp() + 86_400 + (int) (3.5 * 86_400 * $number),
            4,
            13,
        ),
        range(0, $evenings - 1),
    );
    $day = $now->getTimestamp() + $weeks * 7 * 86_400;
    foreach ($catalogue->ranks as $place => $rank) {
        if ($place === 1 || $place === 2) {
            $plan = static fn () => (new Season($catalogue, $cells, $rank, $now))->plan($day, $classes, $candidates);
            $one = milliseconds($plan, 3);
            $mended = milliseconds(
                static fn () => (new Mending(
                    new Season($catalogue, $cells, $rank, $now),
                    $day,
                    $classes,
                    $candidates,
                ))->of($plan()),
                1,
            );
            printf(
                "%3d candidates for %-8s over %3d classes: planned %6.0f ms (%.1f × reference), with what would make it fit %6.0f ms (%.1f ×), %s\n",
                $count,
                $rank->id,
                $evenings,
                $one,
                $one / $reference,
                $mended,
                $mended / $reference,
                $plan()->fits() ? 'fits' : 'does not fit',
            );
        }
    }
}
