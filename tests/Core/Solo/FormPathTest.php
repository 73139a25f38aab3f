<?php

declare(strict_types=1);

use StoneDrill\Core\Solo\FormPath;
use StoneDrill\Core\Solo\FormPlace;
use StoneDrill\Core\Solo\SoloForm;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Notation\NotationException;

// Figures by hand from domain.md §4: hips .0955 H to each side, step .35 H, slide .20 H, cross .35 H from the other
// foot; for 1.80 m.

function pathOf(string $text, float $stature = 1.8): FormPath
{
    $form = new SoloForm('f', 'F', 'a', SoloForm::parse($text));

    return FormPath::of(
        $form->beats(
            static fn (string $title): ?Beats => $title === 'Long gate'
                ? Beats::parse(
                    "both hands guard\nleft foot step 12, right palm chin -> rocked\n  if not: leave 6\nright foot step 12 # !Through",
                )
                : null,
        ),
        $stature,
    );
}

it('walks a form over the floor', function (): void {
    $path = pathOf("left foot step 12\nright foot step 12\npivot 6\nslide 6");
    $where = array_map(
        static fn (FormPlace $place): array => [
            round($place->feet->axis->x, 4),
            round($place->feet->axis->y, 4),
            $place->facing,
            round($place->seconds, 2),
            round($place->way, 4),
        ],
        $path->places,
    );

    expect($where)
        ->toEqual([
            [0.0, 0.0, 0.0, 0.0, 0.0],
            [0.0, 0.315, 0.0, 0.35, 0.315],
            [0.0, 0.63, 0.0, 0.7, 0.315],
            [0.0, 0.63, 180.0, 0.95, 0.0],
            [0.0, 0.27, 180.0, 1.25, 0.36],
        ])
        ->and($path->way())->toEqualWithDelta(0.99, 1e-9)
        ->and($path->gap())->toEqualWithDelta(0.27, 1e-9)
        ->and($path->room()[0])->toEqualWithDelta(0.3438, 1e-9)
        ->and($path->room()[1])->toEqualWithDelta(0.63, 1e-9);
});

it('goes no farther for a smaller body than its share', function (): void {
    [$large, $small] = [
        pathOf("left foot step 9\nhop 3 x2\nleave 6", 1.8),
        pathOf("left foot step 9\nhop 3 x2\nleave 6", 0.9),
    ];

    expect($small->way())->toEqualWithDelta($large->way() / 2, 1e-9)
        ->and($small->seconds())->toBe($large->seconds());
});

it('turns nobody but as it is written', function (): void {
    expect(
        array_map(
            static fn (FormPlace $place): float => $place->facing,
            pathOf("left foot step 6\npivot 3\nright foot step 9 facing 12\nturn under 6")->places,
        ),
    )->toEqual([0.0, 0.0, 90.0, 0.0, 180.0]);
});

it('goes through an answer from one of its beats on, without an attacker', function (): void {
    $path = pathOf("both hands guard\ngo to \"Long gate\" beat 2\npivot 6");
    $beats = array_map(
        static fn (FormPlace $place): ?string => $place->beat === null
            ? null
            : trim((new Beats([$place->beat]))->toText()),
        $path->places,
    );

    expect($beats)
        ->toBe([
            null,
            'both hands guard',
            'left foot step 12, right palm chin',
            'right foot step 12   # !Through',
            'pivot 6',
        ])
        ->and($path->end()->feet->axis->y)->toEqualWithDelta(0.63, 1e-9)
        // An answer that there is no more is passed over.
        ->and(count(pathOf("pivot 6\ngo to \"Gone\"")->places))->toBe(2);
});

it('prints what it reads', function (string $text): void {
    $form = new SoloForm('f', 'F', 'a', SoloForm::parse($text));

    expect($form->toText())->toBe($text)->and(SoloForm::parse($form->toText()))->toEqual($form->parts);
})->with([
    "left foot step 9, left hand parry forearm   # !Out\nright palm chin x3\n",
    "pivot 6\ngo to \"Long gate\" beat 2\nsay \"Back\"\n",
    "wait 0.5 s\ndrop, both hands guard\n",
]);

it('refuses what is not done alone, at its place', function (
    string $text,
    string $expected,
    int $line,
    int $column,
): void {
    try {
        SoloForm::parse($text);
    } catch (NotationException $exception) {
        expect([
            $exception->errors[0]->expected->key,
            $exception->errors[0]->line,
            $exception->errors[0]->column,
        ])->toBe([$expected, $line, $column]);

        return;
    }
    throw new RuntimeException("{$text} was read.");
})->with([
    ["pivot 6\nright palm chin -> rocked", 'notation.alone-effect', 2, 1],
    ["pivot 6\n  if not: pivot 12", 'notation.alone-under', 2, 3],
    ['go behind left', 'notation.alone-attacker', 1, 1],
    ['ride', 'notation.alone-attacker', 1, 1],
    ['maybe: pivot 6', 'notation.alone-sure', 1, 1],
    ["pivot 6\ngo to Gate", 'notation.title', 2, 7],
    ['go to "Gate" beat 0', 'notation.beat-number', 1, 19],
    ['', 'notation.at-least-one', 1, 1],
    ["pivot 6\nright plam chin", 'notation.movement', 2, 7],
]);

it('takes no more beats than an answer', function (): void {
    expect(fn () => SoloForm::parse(str_repeat("pivot 6\n", 501)))->toThrow(NotationException::class)
        ->and(SoloForm::parse(str_repeat("pivot 6\n", 500)))->toHaveCount(500);
});
