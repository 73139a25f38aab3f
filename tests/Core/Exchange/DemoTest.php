<?php

declare(strict_types=1);

use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\Hole;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Effect;
use Tests\Support\Made;

it('is as rich as the screens need', function (): void {
    expect(Made::demo()->ranks)->toHaveCount(6)
        ->and(count(Made::demo()->attacks))->toBeGreaterThanOrEqual(45)
        ->and(count(Made::demo()->answers))->toBeGreaterThanOrEqual(40)
        ->and(Made::demoFile()->students)->toHaveCount(28)
        ->and(count(Made::demoFile()->reps))->toBeGreaterThan(1500)
        ->and(
            array_filter(
                Made::demoFile()->students,
                fn ($student): bool => $student->isYouthOn(new DateTimeImmutable('2026-11-24')),
            ),
        )
        ->toHaveCount(5);
});

it('covers ten weeks up to yesterday', function (): void {
    $days = array_map(fn ($rep): string => $rep->at->format('Y-m-d'), Made::demoFile()->reps);

    expect(min($days))->toBeGreaterThanOrEqual('2026-09-10')
        ->toBeLessThanOrEqual('2026-09-20')
        ->and(max($days))->toBeLessThan('2026-11-24');
});

it('has every family and holes of each kind that is found', function (): void {
    $kinds = array_unique(array_map(fn (Hole $hole): string => $hole->kind->value, Coverage::of(Made::demo())->holes));

    expect(array_unique(array_map(fn ($attack): string => $attack->kind->family->value, Made::demo()->attacks)))
        ->toHaveCount(10)
        ->and($kinds)->toEqualCanonicalizing(['open', 'fails', 'late', 'one-sided']);
});

it('uses the whole notation, and goes only to answers that are there', function (): void {
    $titles = array_column(Made::demo()->answers, 'title');
    $happenings = $effects = [];
    $walk = function (Beat $beat) use (&$walk, &$happenings, &$effects, $titles): void {
        $effects = [...$effects, ...array_map(fn (Effect $effect): string => $effect->value, $beat->effects)];
        foreach ($beat->branches as $branch) {
            $happenings[] = $branch->condition->happening->value;
            if ($branch->goesTo() !== null) {
                expect($titles)->toContain($branch->goesTo()->title);
            }
            array_map($walk, $branch->beats);
        }
    };
    foreach (Made::demo()->answers as $answer) {
        array_map($walk, $answer->beats->line);
    }

    expect(array_unique($happenings))->toContain('not', 'gets up', 'far', 'near', 'second attack')
        ->and(count(array_unique($effects)))->toBeGreaterThanOrEqual(8)
        ->and(count($titles))->toBe(count(array_unique($titles)));
});

it('answers its own attacks', function (): void {
    $attacks = array_column(Made::demo()->attacks, null, 'id');
    foreach (Made::demo()->answers as $answer) {
        $attack = $attacks[$answer->attack];
        expect($answer->matching->covers($attack->kind, $attack->facets))->toBeTrue($answer->id);
    }
});
