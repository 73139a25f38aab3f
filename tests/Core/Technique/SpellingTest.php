<?php

declare(strict_types=1);

namespace Tests\Core\Technique;

use StoneDrill\Core\Geometry\BearingStyle;
use StoneDrill\Core\Solo\SoloForm;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Notation\NotationException;
use StoneDrill\Core\Technique\Notation\Vocabulary;

it('writes bearings as a school says them, and reads every way', function (
    string $clock,
    string $degrees,
    string $directions,
): void {
    $beats = Beats::parse($clock);

    foreach (
        [
            [BearingStyle::Clock, $clock], [BearingStyle::Degrees, $degrees], [BearingStyle::Directions, $directions],
        ] as [$style, $text]
    ) {
        expect($beats->toText(Vocabulary::standard()->withBearings($style)))->toBe($text."\n")
            // Whatever the school, each of them is read.
            ->and(Beats::parse($text))->toEqual($beats);
    }
})->with([
    ['left foot step 9 short', 'left foot step 270° short', 'left foot step left short'],
    ['right foot step 1:30 0.4 m', 'right foot step 45° 0.4 m', 'right foot step front right 0.4 m'],
    ['left foot cross 4:30', 'left foot cross 135°', 'left foot cross back right'],
    ['leave 6, look 12', 'leave 180°, look 0°', 'leave back, look front'],
    ['slide 7:30 facing 10:30', 'slide 225° facing 315°', 'slide back left facing front left'],
    // Between the eight, to half a degree.
    ['pivot 4', 'pivot 120°', 'pivot 120°'],
    ['pivot 10:15', 'pivot 307.5°', 'pivot 307.5°'],
    // The back is a target where one could stand; the left is none.
    ['both hands throw 6', 'both hands throw 180°', 'both hands throw 180°'],
    ['both hands throw 9', 'both hands throw 270°', 'both hands throw left'],
    ['left hand press back', 'left hand press back', 'left hand press back'],
    ['go behind left', 'go behind left', 'go behind left'],
]);

it('reads a thousand answers as each school writes them', function (BearingStyle $style): void {
    $vocabulary = Vocabulary::standard()
        ->withAliases(['targets' => ['front' => 'chest'], 'verbs' => ['glide' => 'slide']])
        ->withBearings($style);
    for ($seed = 1; $seed <= 1000; $seed++) {
        $beats = (new RandomBeats($seed))->beats();
        $text = $beats->toText($vocabulary);

        expect(Beats::parse($text, $vocabulary)->toText())->toBe($beats->toText(), $text);
    }
})->with(BearingStyle::cases());

it('says the eight directions as the rest of the program does', function (): void {
    $said = array_slice(require dirname(__DIR__, 3).'/lang/en/directions.php', 0, 8);

    expect(Vocabulary::standard()->withBearings(BearingStyle::Directions)->directions())
        ->toBe(array_values($said))
        ->and(Vocabulary::standard()->directions())->toBe([]);
});

it('writes what-ifs and solo forms the same way', function (): void {
    $vocabulary = Vocabulary::standard()->withBearings(BearingStyle::Directions);
    $beats = Beats::parse("right palm chin -> rocked\n  if not: right foot step 3, left palm chin\nleave 6");
    $form = SoloForm::parse("left foot step 9\ngo to \"Thumb gate\" beat 2\npivot 6");

    expect($beats->whatIfs($vocabulary))
        ->toBe(['if not: right foot step right, left palm chin'])
        ->and($beats->whatIfs())->toBe(['if not: right foot step 3, left palm chin'])
        ->and(SoloForm::spell($form, $vocabulary))
        ->toBe("left foot step left\ngo to \"Thumb gate\" beat 2\npivot back\n");
});

it('says what a bearing may be where it finds none', function (string $text): void {
    expect(fn () => Beats::parse($text))->toThrow(NotationException::class);
})->with([
    'left foot step sideways', 'left foot step front up', 'left foot step left right', 'pivot 361.3°', 'pivot back°',
]);
