<?php

declare(strict_types=1);

use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\HoleFinder;
use StoneDrill\Core\Coverage\RunCache;
use StoneDrill\Core\Coverage\Widener;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Technique\Beats;

/*
 * What coverage costs for a large school, beside a reference of plain arithmetic in the same run, since machines
 * differ.
 *
 *   PHP_INI_SCAN_DIR=:deploy/compiled php bench/coverage.php
 */

require __DIR__.'/clock.php';
require __DIR__.'/large-catalogue.php';

$reference = reference();

$demo = demo();
$memory = new RunCache();
$whole = static fn (Catalogue $catalogue, RunCache $memory): Coverage => Coverage::whole(
    $catalogue,
    $memory,
    new Widener($catalogue, $memory),
);
$cold = milliseconds(static fn (): Coverage => $whole($demo, new RunCache()), 2);
$weaknesses = milliseconds(static fn (): array => Coverage::whole($demo)->holes, 2);
$whole($demo, $memory);
$warm = milliseconds(static fn (): Coverage => $whole($demo, $memory), 5);
printf("the demo, every kind of hole, nothing run before  %6.0f ms   %.1f × reference\n", $cold, $cold / $reference);
printf(
    "the same without what could be widened            %6.0f ms   %.1f × reference\n",
    $weaknesses,
    $weaknesses / $reference,
);
printf("the same when nothing has changed                 %6.0f ms   %.1f × reference\n", $warm, $warm / $reference);

['ranks' => $ranks, 'attacks' => $attacks, 'answers' => $answers] = large($demo, 600);
$large = new Catalogue($demo->school, [], $ranks, $demo->ladder, $attacks, $answers);
$laid = milliseconds(static fn (): Coverage => Coverage::of($large), 5);
printf(
    "600 attacks × 600 answers × 10 ranks, what is not laid %4.0f ms   %.1f × reference\n",
    $laid,
    $laid / $reference,
);
$found = static fn (?Widener $widener = null): Coverage => Coverage::whole($large, $memory, $widener);
$first = milliseconds($found, 1);
$again = milliseconds($found, 5);
$sizes = array_filter(
    $memory->all(),
    static fn (string $key): bool => str_starts_with($key, 'size '),
    ARRAY_FILTER_USE_KEY,
);
$rest = milliseconds(static fn (): Coverage => Coverage::whole($large, new RunCache($sizes)), 3);
printf("the same with every hole, for the first time      %6.0f ms   %.1f × reference\n", $first, $first / $reference);
printf("the same with every hole but size-bound, first time %4.0f ms   %.1f × reference\n", $rest, $rest / $reference);
printf("the same with every hole, each answer run before  %6.0f ms   %.1f × reference\n", $again, $again / $reference);

// Another beat in one answer after the other, so that each is run for the first time.
$before = $found();
$number = 0;
$changed = middle(static function () use ($large, $memory, $before, &$number): void {
    $answers = $large->answers;
    $answer = $answers[($number * 37) % count($answers)];
    $answers[($number * 37) % count($answers)] = $answer->withBeats(
        Beats::parse($answer->beats->toText()."leave 3\n"),
    );
    $number++;
    $now = $large->withAnswers($answers);
    $before->after($now, HoleFinder::whole($now, $memory));
}, 41);
printf(
    "the same after one answer has changed             %6.1f ms   %.1f × reference\n",
    $changed,
    $changed / $reference,
);
