<?php

declare(strict_types=1);

use StoneDrill\Core\Floor\Bodies;
use StoneDrill\Core\Floor\Simulation;
use StoneDrill\Core\Technique\Beats;

/*
 * What the field of where to step costs, 60 × 60 cells, beside a reference of plain arithmetic in the same run, since
 * machines differ.
 *
 *   PHP_INI_SCAN_DIR=:deploy/compiled php bench/step-field.php
 *
 * The server runs compiled too; see deploy/compiled/compiled.ini.
 */

require __DIR__.'/clock.php';

$reference = reference();
$attacks = array_column(demo()->attacks, null, 'id');
foreach (['straight-punch', 'wrist-across-pull', 'swing-wide', 'push-two-hands'] as $id) {
    $attack = $attacks[$id];
    $simulation = new Simulation($attack->kind, $attack->facets, new Bodies(1.68, 1.85));
    $beats = Beats::parse("left foot step 9, left hand parry forearm\nright palm chin\nleave 6");
    $strike = Beats::parse('right palm chin')->line[0]->actions[0];
    foreach ([0, 1] as $at) {
        $plain = milliseconds(static fn () => $simulation->field($beats, $at), 3);
        $with = milliseconds(static fn () => $simulation->field($beats, $at, $strike), 3);
        printf(
            "%-20s beat %d %18.1f ms %6.2f × reference   with a strike %6.1f ms %6.2f × reference\n",
            $id,
            $at + 1,
            $plain,
            $plain / $reference,
            $with,
            $with / $reference,
        );
    }
}
