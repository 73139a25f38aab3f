<?php

declare(strict_types=1);

use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Proof\Windows;
use StoneDrill\Core\Session\ClassFacts;
use StoneDrill\Core\Session\ClassPlan;
use StoneDrill\Core\Session\Planner;
use StoneDrill\Core\Session\Readiness;
use StoneDrill\Core\Session\Timetable;

/*
 * What a class costs to plan, and readiness to tell, beside a reference of plain arithmetic in the same run.
 *
 *   PHP_INI_SCAN_DIR=:deploy/compiled php bench/class-plan.php
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
$youth = $catalogue->forYouth();
$youthCells = Coverage::of($youth)->cells;
$windows = Windows::of($file->reps, $catalogue->attacks, $catalogue->ladder, $now);

foreach ([30, 60] as $count) {
    $students = [];
    for ($number = 0; $number < $count; $number++) {
        $like = $file->students[$number % count($file->students)];
        $students[] = new Student(
            "s{$number}",
            "S {$number}",
            $like->rank,
            1.5 + ($number % 40) / 100,
            $like->born,
            $like->flags,
        );
    }
    $plan = static fn (): ClassPlan => (new Planner($catalogue, $cells, $youth, $youthCells, $now))->plan(
        1,
        new ClassFacts(60, Timetable::usual(), 10, 3),
        $students,
        array_fill_keys(array_column($students, 'id'), $windows[array_key_first($windows)]),
    );
    $milliseconds = milliseconds($plan, 5);
    printf(
        "a class of %d people, planned                      %6.0f ms   %.1f × reference\n",
        $count,
        $milliseconds,
        $milliseconds / $reference,
    );
}

$ready = milliseconds(
    static fn (): array => array_map(
        static fn ($rank): array => Readiness::of($catalogue, $rank, $windows[array_key_first($windows)], $now)->most(),
        $catalogue->ranks,
    ),
    5,
);
printf(
    "readiness of one student for each of %d ranks       %6.1f ms   %.1f × reference\n",
    count($catalogue->ranks),
    $ready,
    $ready / $reference,
);
