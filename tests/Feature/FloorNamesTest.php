<?php

declare(strict_types=1);

use App\Persistence\Demo;
use App\View\Floor\BodyName;
use App\View\Floor\FloorFigure;
use App\View\Floor\FloorPicture;
use App\View\Floor\SidePicture;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Curriculum\Sizes;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Geometry\BearingStyle;
use StoneDrill\Core\Report\SituationReport;

beforeEach(function (): void {
    $this->catalogue = (new CatalogueReader())->read((string) file_get_contents(Demo::file()), Format::Yaml)->catalogue;
    // Written a second time, from the attributes that are drawn: left, right, top, bottom of a line of words.
    $this->words = static function (float $x, float $y, string $anchor, string $text): array {
        $wide = 4.8 * mb_strlen($text);
        $left = ['start' => $x, 'middle' => $x - $wide / 2, 'end' => $x - $wide][$anchor];

        return [$left, $left + $wide, $y - 8, $y + 1];
    };
    // Whether a body is anywhere under words: its outline, point by point, and its head.
    $this->covers = static function (FloorFigure $figure, array $words): bool {
        $turn = deg2rad($figure->facing);
        for ($at = 0; $at < 360; $at += 5) {
            [$a, $b] = [$figure->shoulders * cos(deg2rad($at)), $figure->depth * sin(deg2rad($at))];
            // The nose goes ten beyond the outline.
            $nose = $figure->depth + 10;
            $points = [
                [$figure->x + $nose * sin($turn), $figure->y - $nose * cos($turn)],
                [$figure->x + $a * cos($turn) - $b * sin($turn), $figure->y + $a * sin($turn) + $b * cos($turn)],
                [
                    $figure->headX + $figure->head * cos(deg2rad($at)),
                    $figure->headY + $figure->head * sin(deg2rad($at)),
                ],
            ];
            foreach ($points as [$x, $y]) {
                if ($x > $words[0] && $x < $words[1] && $y > $words[2] && $y < $words[3]) {
                    return true;
                }
            }
        }

        return false;
    };
});

it('puts names where neither body nor the other name is, within the drawing', function (): void {
    $examiner = new Examiner(Standards::of($this->catalogue));
    $sizes = new Sizes($this->catalogue->school);
    $places = [];
    foreach ($this->catalogue->answers as $answer) {
        $attack = $this->catalogue->attackOf($answer);
        $bodies = $sizes->bodies(null, null, $attack->facets->build);
        $picture = FloorPicture::ofRun(
            $examiner->examine($answer, $attack, Side::Written, $bodies)->trial->run,
            BearingStyle::Clock,
        );
        foreach ($picture->frames as $frame) {
            [$own, $his] = array_map(
                fn (BodyName $name): array => ($this->words)($name->x, $name->y, $name->anchor, $name->text),
                array_values($frame->names),
            );
            $what = "{$answer->id}, beat {$frame->frame->number}";
            foreach ([$own, $his] as $words) {
                if (! $frame->attacker->isLying) {
                    expect(($this->covers)($frame->attacker, $words))->toBeFalse($what);
                }
                if (! $frame->defender->isLying) {
                    expect(($this->covers)($frame->defender, $words))->toBeFalse($what);
                }
                expect($words[0])->toBeGreaterThanOrEqual($picture->left)
                    ->and($words[1])->toBeLessThanOrEqual($picture->left + $picture->width)
                    ->and($words[3])->toBeLessThanOrEqual($picture->top + $picture->height);
            }
            expect($own[0] < $his[1] && $his[0] < $own[1] && $own[2] < $his[3] && $his[2] < $own[3])->toBeFalse($what);
            $places[$frame->names['defender']->anchor][$frame->names['defender']->y > $frame->defender->y] = true;
        }
    }
    // The names give way: below, above and beside.
    expect($places['middle'])->toHaveCount(2)->and(count($places))->toBeGreaterThan(1);
});

it('shows the whole ring of threats, inside the hours of its clock', function (): void {
    foreach ($this->catalogue->attacks as $attack) {
        $picture = FloorPicture::ofSituation(
            SituationReport::of($this->catalogue, $attack)->situation,
            BearingStyle::Clock,
        );
        expect($picture->ring)->toHaveCount(12)->and($picture->hours)->toHaveCount(12);
        foreach ($picture->ring as $place) {
            $edge = 9 + $place['stroke'] / 2;
            expect($place['x'] - $edge)->toBeGreaterThan($picture->left)
                ->and($place['x'] + $edge)->toBeLessThan($picture->left + $picture->width)
                ->and($place['y'] - $edge)->toBeGreaterThan($picture->top)
                ->and($place['y'] + $edge)->toBeLessThan($picture->top + $picture->height)
                ->and(hypot($place['x'], $place['y']) + $edge)->toBeLessThan($picture->radius - 4);
        }
    }
});

it('keeps names apart under bodies that are seen from the side', function (): void {
    $near = $far = 0;
    foreach ($this->catalogue->attacks as $attack) {
        $frame = SidePicture::ofFrames([SituationReport::of($this->catalogue, $attack)->situation->start])->frames[0];
        $own = ($this->words)($frame->names['defender']['x'], 14, $frame->names['defender']['anchor'], 'you');
        $his = ($this->words)($frame->names['attacker']['x'], 14, $frame->names['attacker']['anchor'], 'attacker');
        expect($own[1] <= $his[0] || $his[1] <= $own[0])->toBeTrue($attack->title)
            // Each on the side of its body.
            ->and($own[0] <=> $his[0])->toBe($frame->defender->axis <=> $frame->attacker->axis);
        $near += (int) ($frame->names['defender']['anchor'] !== 'middle');
        $far += (int) ($frame->names['defender']['anchor'] === 'middle');
    }
    expect($near)->toBeGreaterThan(0)->and($far)->toBeGreaterThan(0);
});

it('draws what is shown when it is asked for only where it can be asked', function (): void {
    $answer = $this->catalogue->answer('short-gate');
    $attack = $this->catalogue->attackOf($answer);
    $run = (new Examiner(Standards::of($this->catalogue)))->examine(
        $answer,
        $attack,
        Side::Written,
        (new Sizes($this->catalogue->school))->bodies(null, null, $attack->facets->build),
    )->trial->run;
    $picture = SidePicture::ofRun($run);
    $drawn = static fn (SidePicture $one): string => view('workbench.side', [
        'picture' => $one,
        'label' => 'x',
    ])->render();

    expect($drawn($picture))->toContain('layer-targets')->toContain('layer-reach')
        ->and($drawn($picture->only('2')))->not->toContain('layer-targets')->not->toContain('layer-reach');
});
