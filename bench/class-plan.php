<?php

declare(strict_types=1);

use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Proof\Windows;
use StoneDrill\Core\Session\ClassFacts;
use StoneDrill\Core\Session\ClassPlan;
use StoneDrill\Core\Session\Meetings;
use StoneDrill\Core\Session\Person;
use StoneDrill\Core\Session\Readiness;
use StoneDrill\Core\Session\Teaching;
use StoneDrill\Core\Session\Timetable;

/*
 * What a class costs to plan, and readiness to tell, beside a reference of plain arithmetic in the same run.
 *
 *   php -d opcache.enable_cli=1 bench/class-plan.php
 */

require __DIR__.'/clock.php';
require __DIR__.'/large-catalogue.php';

$reference = reference();
$file = (new CatalogueReader())->read((string) file_get_contents(__DIR__.'/../database/demo/cinder-quay.yaml'), Format::Yaml);
$catalogue = $file->catalogue;
$order = $catalogue->rankOrder();
$now = new DateTimeImmutable('2026-11-24T20:00:00+00:00');
$cells = Coverage::of($catalogue)->cells;
$windows = Windows::of($file->reps, $catalogue->attacks, $catalogue->ladder, $now);

foreach ([30, 60] as $count) {
    $students = [];
    for ($number = 0; $number < $count; $number++) {
        $like = $file->students[$number % count($file->students)];
        $students[] = new Student("s{$number}", "S {$number}", $like->rank, 1.5 + $number % 40 / 100, null, $like->flags);
    }
    usort($students, static fn (Student $a, Student $b): int => $order[$a->rank] <=> $order[$b->rank]);
    $plan = static function () use ($catalogue, $cells, $students, $windows, $order, $now): ClassPlan {
        $teaching = new Teaching($catalogue, $cells, $now);
        $worth = array_map(static fn (Student $student): array => $teaching->to($student, $windows[array_key_first($windows)], $now), $students);
        $people = static fn (array $those): array => array_map(static fn (Student $student): Person => new Person($student->id, $order[$student->rank], $student->height), $those);

        return ClassPlan::of(new ClassFacts(60, Timetable::usual(), 10, 3), $students, $worth, $teaching->basics(...), $people, new Meetings());
    };
    $milliseconds = milliseconds($plan, 5);
    printf("a class of %d people, planned                      %6.0f ms   %.1f × reference\n", $count, $milliseconds, $milliseconds / $reference);
}

$ready = milliseconds(static fn (): array => array_map(static fn ($rank): array => Readiness::of($catalogue, $rank, $windows[array_key_first($windows)], $now)->most(), $catalogue->ranks), 5);
printf("readiness of one student for each of %d ranks       %6.1f ms   %.1f × reference\n", count($catalogue->ranks), $ready, $ready / $reference);
