<?php

declare(strict_types=1);

use StoneDrill\Core\Coverage\CarryOver;
use StoneDrill\Core\Coverage\Repertoire;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Technique\Beats;

it('finds what the best of all known answers brings along, as each of them tells by itself', function (
    int $seed,
): void {
    $demo = (new CatalogueReader())->read(
        (string) file_get_contents(dirname(__DIR__, 3).'/database/demo/cinder-quay.yaml'),
        Format::Yaml,
    )->catalogue;
    $pool = array_merge(...array_map(fn ($answer): array => $answer->beats->line, $demo->answers));
    mt_srand($seed);
    $repertoire = new Repertoire();
    $known = [];
    for ($number = 0; $number < 60; $number++) {
        $beats = new Beats(
            array_map(
                fn (): StoneDrill\Core\Technique\Beat => $pool[mt_rand(0, count($pool) - 1)],
                range(1, mt_rand(1, 6)),
            ),
        );
        $best = max([0.0, ...array_map(fn (Beats $one): float => CarryOver::from($one, $beats), $known)]);

        expect($repertoire->bringsAlong($beats))->toEqualWithDelta($best, 1e-9);
        $repertoire->learn($beats);
        $known[] = $beats;
        expect($repertoire->bringsAlong($beats))->toBe(1.0)->and($repertoire->bringsAlong($beats->mirror()))->toBe(1.0);
    }
})->with([1, 2, 3]);
