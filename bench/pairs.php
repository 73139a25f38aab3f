<?php

declare(strict_types=1);

use StoneDrill\Core\Coverage\Pairs\Budget;
use StoneDrill\Core\Coverage\Pairs\Model;
use StoneDrill\Core\Coverage\Pairs\Sampler;

/*
 * How many rows the pair sampler needs, beside the greedy start in the same run and what is published, with a budget in
 * steps and with one in seconds; the time beside a reference of plain arithmetic, since machines differ.
 *
 *   PHP_INI_SCAN_DIR=:deploy/compiled php bench/pairs.php [seconds]
 */

require __DIR__.'/clock.php';

$seconds = (float) ($argv[1] ?? 2);
$reference = reference();
foreach (
    [
        [[3 => 4], 9], [[3 => 13], 16], [[4 => 15, 3 => 17, 2 => 29], 31], [[4 => 1, 3 => 39, 2 => 35], 23],
        [[2 => 100], 10], [[10 => 20], 185],
    ] as [$counts, $published]
) {
    $parameters = $name = [];
    foreach ($counts as $values => $count) {
        $name[] = "{$values}^{$count}";
        for ($i = 0; $i < $count; $i++) {
            $parameters['p'.count($parameters)] = array_map('strval', range(1, $values));
        }
    }
    $model = Model::of($parameters);
    $inSteps = (new Sampler($model, 1))->sample(Budget::steps(3_000));
    $inTime = (new Sampler($model, 1))->sample(Budget::seconds($seconds));
    printf(
        "%-16s at first %3d rows   3,000 steps %3d rows in %4.0f ms (%5.1f × reference)   %.2f s %3d rows   published %3d\n",
        implode(' ', $name),
        $inSteps->atFirst,
        count($inSteps->rows),
        1000 * $inSteps->seconds,
        (1000 * $inSteps->seconds) / $reference,
        $inTime->seconds,
        count($inTime->rows),
        $published,
    );
}
