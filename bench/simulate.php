<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\Scope;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Matching;
use StoneDrill\Core\Curriculum\Teaching;
use StoneDrill\Core\Floor\Bodies;
use StoneDrill\Core\Floor\Simulation;
use StoneDrill\Core\Technique\Beats;

/*
 * What running and checking answers costs, beside a reference of plain arithmetic in the same run, since machines
 * differ.
 *
 *   PHP_INI_SCAN_DIR=:deploy/compiled php bench/simulate.php
 */

require __DIR__.'/clock.php';

$catalogue = demo();
$examiner = new Examiner(Standards::of($catalogue));
$attacks = array_column($catalogue->attacks, null, 'id');

$reference = reference();

$eight = Beats::parse(
    "left foot step 9, left hand clamp wrist\nright foot step 1:30, left elbow chin -> rocked\n  if not: left knee groin -> folded\nboth hands strip toward thumb -> released\nleft hand clamp wrist, right palm nose -> folded\nright knee groin\nleft elbow back of head -> driven back\nboth hands guard\nleave 6",
);
$model = $catalogue->answers[0];
$attack = $attacks[$model->attack];
$answer = new Answer(
    'bench',
    'Bench',
    '',
    $model->attack,
    Matching::of($attack),
    new Teaching($model->teaching->rank),
    $eight,
);
$bodies = new Bodies(1.68, 1.85);
$simulation = new Simulation($attack->kind, $attack->facets, $bodies);
$run = milliseconds(static fn () => $simulation->run($eight), 200);
$checked = milliseconds(
    static fn () => $examiner->examineIn($answer, $attack, Side::Written, false, $bodies, null, Scope::asWritten()),
    200,
);
$whole = milliseconds(static fn () => $examiner->examine($answer, $attack, Side::Written, $bodies), 200);
printf("one 8-beat answer run                                  %8.3f ms   %.4f × reference\n", $run, $run / $reference);
printf(
    "one 8-beat answer run and checked                      %8.3f ms   %.4f × reference\n",
    $checked,
    $checked / $reference,
);
printf(
    "one 8-beat answer run, tried without each effect, checked %5.3f ms   %.4f × reference\n",
    $whole,
    $whole / $reference,
);

$statures = array_values($catalogue->school->statures->sizes);
$all = milliseconds(static function () use ($catalogue, $attacks, $examiner, $statures): void {
    foreach ($catalogue->answers as $one) {
        foreach ($statures as $defender) {
            foreach ($statures as $attacker) {
                foreach (Side::cases() as $side) {
                    $examiner->examine($one, $attacks[$one->attack], $side, new Bodies($defender, $attacker));
                }
            }
        }
    }
}, 3);
printf(
    "the demo, %d answers × %d pairs of sizes × 2 sides       %8.0f ms   %.1f × reference\n",
    count($catalogue->answers),
    count($statures) ** 2,
    $all,
    $all / $reference,
);

$texts = [];
for ($i = 0; $i < 1000; $i++) {
    $texts[] = $catalogue->answers[$i % count($catalogue->answers)]->beats->toText();
}
$parse = milliseconds(static function () use ($texts): void {
    foreach ($texts as $one) {
        Beats::parse($one)->toText();
    }
}, 5);
printf(
    "1,000 answers parsed and printed                       %8.0f ms   %.1f × reference\n",
    $parse,
    $parse / $reference,
);
