<?php

declare(strict_types=1);

use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\Hole;
use StoneDrill\Core\Coverage\Load;
use StoneDrill\Core\Coverage\MoveKind;
use StoneDrill\Core\Coverage\Removable;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use Tests\Core\Coverage\MovesFixture;
use Tests\Support\Made;

it('closes the hole with every move that it offers', function (Catalogue $catalogue): void {
    $taken = 0;
    foreach (Coverage::of($catalogue)->holes as $hole) {
        foreach ($hole->moves as $move) {
            if ($move->kind !== MoveKind::Write) {
                expect(MovesFixture::gaps(MovesFixture::moved($catalogue, $hole, $move)))->not->toContain(
                    $hole->attack.' '.$hole->side->value,
                    "{$move->kind->value} {$move->answer}",
                );
                $taken++;
            }
        }
    }
    expect($taken)->toBeGreaterThan(0);
})->with([
    'the demo' => [fn (): Catalogue => Made::demo()],
    'one at random' => [
        function (): Catalogue {
            mt_srand(11);

            return Made::randomCatalogue();
        },
    ],
    'another' => [
        function (): Catalogue {
            mt_srand(12);

            return Made::randomCatalogue();
        },
    ],
]);

it('always offers to write one, last', function (): void {
    foreach (Coverage::of(Made::demo())->holes as $hole) {
        expect($hole->moves[count($hole->moves) - 1]->kind)->toBe(MoveKind::Write);
    }
});

it('spares exactly the answers without which nothing is laid otherwise', function (int $seed): void {
    mt_srand($seed);
    $catalogue = Made::randomCatalogue();
    $laid = fn (array $answers): array => array_map(
        fn ($cell): ?string => $cell->laidAt,
        Coverage::of(
            new Catalogue($catalogue->school, [], $catalogue->ranks, $catalogue->ladder, $catalogue->attacks, $answers),
        )->cells,
    );
    $spare = array_filter(
        $catalogue->answers,
        fn (Answer $answer): bool => $laid(
            array_values(array_filter($catalogue->answers, fn (Answer $other): bool => $other->id !== $answer->id)),
        ) === $laid($catalogue->answers),
    );

    expect(Removable::of($catalogue, Coverage::of($catalogue)))->toBe(
        array_values(array_map(fn (Answer $answer): string => $answer->id, $spare)),
    );
})->with(range(30, 41));

it('never asks for more new actions than there are', function (): void {
    foreach (Load::of(Made::demo(), Coverage::of(Made::demo())) as $load) {
        expect($load->newActions)->toBeGreaterThan(0.0)
            ->toBeLessThanOrEqual((float) $load->actions)
            ->and($load->beats)->toBeLessThanOrEqual($load->actions);
    }
});

it('adds the weights of the holes up to what is missing', function (): void {
    $coverage = Coverage::of(Made::demo());
    $needed = $missing = 0.0;
    $order = Made::demo()->rankOrder();
    foreach ($coverage->cells as $cell) {
        $needed += $cell->weight();
        $missing += $cell->laidAt === null ? $cell->weight() : 0.0;
    }
    expect($coverage->coveredBy('obsidian'))->toEqualWithDelta(1 - $missing / $needed, 1e-12);
    $holes = array_filter($coverage->holes, fn (Hole $hole): bool => $order[$hole->rank] <= $order['slate']);
    expect($coverage->holesBy('slate'))->toHaveCount(count($holes));
});
