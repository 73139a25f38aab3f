<?php

declare(strict_types=1);

use App\Models\Role;
use App\View\Floor\FloorFigure;
use App\View\Floor\Palette;
use App\View\Floor\SituationView;
use App\View\History\AnswerHistory;
use App\View\Wall\HoleList;
use App\View\Wall\MovePreview;
use App\View\Workbench\Paper;
use App\View\Workbench\PrintSheet;
use App\View\Workbench\Workbench;
use Illuminate\Http\Request;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Coverage\Hole;
use StoneDrill\Core\Coverage\HoleKind;
use StoneDrill\Core\Coverage\Move;
use StoneDrill\Core\Coverage\MoveKind;
use StoneDrill\Core\Geometry\BearingStyle;
use StoneDrill\Core\Text;
use Tests\Feature\FloorPictureFixture;

it('draws everybody where they are, in centimetres, 12 o’clock up', function (): void {
    $frames = FloorPictureFixture::picture("left foot step 9\nleave 6")->frames;

    // The attacker starts .6392 m off at 12: 63.9 cm up, which is below 0 in a drawing; the left foot starts 16 cm to
    // the left.
    expect($frames)->toHaveCount(3)
        ->and([$frames[0]->defender->x, $frames[0]->defender->y, $frames[0]->attacker->x, $frames[0]->attacker->y])
        ->toBe([0.0, 0.0, 0.0, -63.9])
        ->and($frames[0]->defender->feet[0])->toBe(['transform' => 'translate(-16 -0) rotate(0)'])
        ->and($frames[1]->defender->feet[0]['transform'])
        ->toStartWith('translate(-74.8 ')
        // The right foot comes after, to .35 H: from 16 cm right to 16 cm left, so the axis is half way from there to
        // the left foot.
        ->and($frames[1]->defender->x)->toBe(-45.4)
        ->and($frames[0]->attacker->facing)->toBe(180.0);
});

it('keeps everything that happens within the picture', function (string $beats): void {
    $picture = FloorPictureFixture::picture($beats, kind: 'closing-in');
    foreach ($picture->frames as $frame) {
        foreach ([$frame->defender, $frame->attacker] as $figure) {
            expect($figure->x)->toBeGreaterThan($picture->left)
                ->toBeLessThan($picture->left + $picture->width)
                ->and($figure->y)->toBeGreaterThan($picture->top)
                ->toBeLessThan($picture->top + $picture->height);
        }
    }
    expect($picture->width / $picture->height)->toBeGreaterThanOrEqual(1.04);
})->with([["leave 6\nleave 6"], ["leave 3\nleave 4:30"], ["slide 12 3 m\nleave 9"], ['look']]);

it('spells the ring as the school does', function (BearingStyle $style, array $labels): void {
    expect(array_column(FloorPictureFixture::picture('look', $style)->hours, 'label'))->toBe($labels);
})->with([
    [BearingStyle::Clock, ['1', '2', '3', '4', '5', '6', '7', '8', '9', '10', '11', '12']],
    [
        BearingStyle::Degrees,
        ['30°', '60°', '90°', '120°', '150°', '180°', '210°', '240°', '270°', '300°', '330°', '0°'],
    ],
    [BearingStyle::Directions, ['', '', 'right', '', '', 'back', '', '', 'left', '', '', 'front']],
]);

it('has the same figures in every spelling', function (): void {
    $without = static fn (BearingStyle $style): array => FloorPictureFixture::picture(
        "left palm chin -> rocked\nleave 6",
        $style,
    )->frames;

    expect($without(BearingStyle::Clock))->toEqual($without(BearingStyle::Degrees))
        ->toEqual($without(BearingStyle::Directions));
});

it('labels a strike with its margin, and marks one that does not get there', function (): void {
    $frames = FloorPictureFixture::picture("left palm chin\nright palm back of head\nleft knee chin\nleft hammer wrist")
        ->frames;

    expect($frames[1]->strikes[0])->toMatchArray(['label' => 'palm +14 cm', 'reaches' => true])
        ->and($frames[2]->strikes[0]['reaches'])->toBeFalse()
        ->and($frames[3]->strikes[0])->toMatchArray(['label' => '✕ knee too high', 'reaches' => false])
        ->and($frames[4]->strikes[0])->toMatchArray(['label' => 'hammer +34 cm', 'reaches' => true]);
});

it('draws an arc as far as a weapon reaches', function (): void {
    $threat = FloorPictureFixture::picture('look')->frames[1]->threats[0];
    preg_match('/A([\d.]+) ([\d.]+) 0 1 1/', $threat['path'], $radius);

    // The attacker’s free fist: √(.386² − .112²) · 1.68 + .12523 to lean + .1008 to the surface = .8466 m.
    expect((float) $radius[1])->toBe(84.7)->and($radius[2])->toBe($radius[1])->and($threat['reaches'])->toBeTrue();
});

it('draws a line from each arm that holds, and a path along what was walked', function (): void {
    $frames = FloorPictureFixture::picture(
        "left hand strip toward thumb\nslide 6\nslide 6",
        kind: 'wrist-both',
        values: [],
    )->frames;

    expect($frames[0]->holds)->toHaveCount(2)
        ->and($frames[1]->holds)->toHaveCount(1)
        ->and($frames[0]->path)->toBe('')
        ->and(substr_count($frames[3]->path, ','))->toBe(4);
});

it('puts what-ifs on a track of their own', function (): void {
    $frames = FloorPictureFixture::picture("look\n  if not:\n    look\n    look\n  if far: look\nlook")->frames;

    expect(array_map(static fn ($frame): string => $frame->frame->number.' '.$frame->track, $frames))->toBe([
        '0 ', '1 ', '1.1 1.1', '1.2 1.1', '1.3 1.3', '2 ',
    ]);
});

it('shows one beat alone', function (): void {
    $picture = FloorPictureFixture::picture("look\nleave 6");

    expect($picture->only('2')->frames)->toHaveCount(1)
        ->and($picture->only('2')->frames[0]->frame->number)->toBe('2')
        ->and($picture->only('99')->frames[0]->frame->number)->toBe('0');
});

it('tells how a body is held', function (): void {
    $frames = FloorPictureFixture::picture("left hand clamp wrist, drop -> folded\nkneel -> dropped", kind: 'cloth-one')
        ->frames;

    expect($frames[1]->defender->posture)->toBe('crouched 17 cm')
        ->and($frames[1]->attacker->posture)->toBe('folded')
        ->and($frames[2]->defender->posture)->toBe('kneeling')
        ->and($frames[2]->attacker->isLying)->toBeTrue()
        ->and(FloorFigure::cm(-0.0004))->toBe(0.0);
});

it('has colours that differ on paper', function (): void {
    foreach (['ground', 'faint', 'defender', 'attacker', 'reached', 'text'] as $what) {
        expect(Palette::Paper->{$what}())->toMatch('/^#[0-9a-f]{6}$/')
            ->not->toBe(Palette::Slate->{$what}());
    }
});

it('says the situation in sentences', function (): void {
    $catalogue = app(App\Persistence\CatalogueMapper::class)->curriculum($this->school());
    $attacks = array_column($catalogue->attacks, null, 'id');
    $wrist = SituationView::of($catalogue, $attacks['wrist']);
    $hug = SituationView::of($catalogue, $attacks['hug']);

    expect($wrist->picture->ring)->toHaveCount(12)
        ->and($wrist->sentences)->toContain('The attacker’s free weapons: left hand, left foot, right foot.')
        ->and($hug->sentences[0])->toBe('All your limbs are free.')
        ->and($hug->sentences)->toContain('The attacker’s free weapons: left foot, right foot.')
        ->and($hug->line)->toBe('bear hug from behind, arms free, from 6, landed, off-guard, to pin')
        ->and($wrist->sizes)->toBe(['medium (1.68 m)', 'medium (1.68 m)']);
});

it('takes as many floors as fit on a page', function (int $beats, int $floors, int $columns): void {
    $hall = $this->school();
    $answer = $hall->answers()->firstOrFail();
    $answer->update(['beats' => str_repeat("left foot step 9\n", $beats)]);
    $answer = $hall->fresh()->answers()->firstOrFail();
    $bench = app(Workbench::class);
    $sheet = new PrintSheet(
        $answer,
        $bench->saved(Request::create('/'), $answer, Palette::Paper),
        $bench->facts($answer),
        Paper::A4,
    );

    expect($sheet->floors)->toHaveCount($floors)
        ->and($sheet->columns())->toBe($columns)
        ->and($sheet->floors[0]['caption'])->toStartWith('Start ·')
        ->and($sheet->floors[$floors - 1]['caption'])->toStartWith("Beat {$beats} ·");
})->with([[2, 3, 2], [4, 5, 3], [9, 6, 3]]);

it('tells holes of the drawing from those in what is laid', function (): void {
    $hole = static fn (HoleKind $kind, ?string $attack = 'w'): Hole => new Hole(
        $kind,
        $attack === null ? null : new StoneDrill\Core\Curriculum\CellKey($attack, Side::Written),
        $attack === null ? null : 'a',
        1.0,
        Text::plain('Because.'),
        [],
    );
    $list = new HoleList(
        [
            $hole(HoleKind::Unproven),
            $hole(HoleKind::Open),
            $hole(HoleKind::NoWayOut),
            $hole(HoleKind::Late),
            $hole(HoleKind::Uncatalogued, null),
        ],
        true,
    );

    // What shows in the drawing first, weak spots after, in one numbering.
    expect(array_map(static fn (array $row): string => $row['hole']->kind->value, $list->rows))
        ->toBe(['open', 'late', 'unproven', 'no way out'])
        ->and(array_column($list->rows, 'number'))->toBe([1, 2, 3, 4])
        ->and(array_column($list->rows, 'isDrawn'))->toBe([true, true, false, false])
        ->and($list->drawn)->toBe(2)
        ->and($list->weak())->toBe(2)
        ->and($list->uncatalogued)->toHaveCount(1);
});

it('looks ahead at what a move changes', function (): void {
    $mapper = app(App\Persistence\CatalogueMapper::class);
    $holes = app(App\Persistence\HoleBook::class);
    $hall = $this->school();
    $now = $mapper->curriculum($hall);
    $then = (new Move(MoveKind::Mirror, 'gate'))->takenIn($now, 'first');
    $everything = $mapper->everything($hall)->catalogue;
    $preview = new MovePreview(
        $now,
        StoneDrill\Core\Coverage\Coverage::of($now),
        $holes->of($hall),
        $then,
        StoneDrill\Core\Coverage\Coverage::of($then),
        $holes->after($hall, $everything, (new Move(MoveKind::Mirror, 'gate'))->takenIn($everything, 'first')),
    );

    expect(array_map(static fn (Hole $hole): string => $hole->kind->value, $preview->closed))->toBe(['one-sided'])
        ->and($preview->ranks[0]['covered'])->toBe([0.5, 1.0])
        ->and($preview->ranks[0]['changes'])->toBeTrue()
        // The hug of the second rank is still open: 4 of 6 by weight, where 2 were.
        ->and($preview->ranks[1]['covered'][1])->toEqualWithDelta(4 / 6, 1e-12);
});

it('reads a history as somebody would tell it', function (): void {
    $hall = $this->school();
    $writer = $this->person($hall, Role::Instructor);
    $gate = $hall->answers()->firstOrFail();
    $gate->updateVersion(
        1,
        [
            'mirrored' => true,
            'mistakes' => ['leans back', 'waits'],
            'rank_id' => $hall->ranks()->skip(1)->firstOrFail()->id,
        ],
        $writer,
    );
    $gate
        ->fresh()
        ->updateVersion(2, ['pattern' => ['place' => null, 'hand' => ['left']], 'doctrine' => 'control'], $writer);
    $entries = AnswerHistory::of($gate->fresh(), $hall->fresh())->entries;
    $changes = array_map(
        static fn (array $lines): array => array_map(
            static fn (array $line): array => [$line['sign'], $line['text']],
            $lines,
        ),
        array_column($entries[1]->changes, 'lines', 'field'),
    );

    expect(array_column($entries, 'version'))->toBe([3, 2, 1])
        ->and($entries[0]->isNow)->toBeTrue()
        ->and($entries[2]->isFirst)->toBeTrue()
        ->and($entries[2]->by)->toBe('a catalogue file')
        ->and($entries[1]->by)->toBe($writer->name)
        ->and($changes['both sides taught'])->toBe([['−', 'no'], ['+', 'yes']])
        ->and($changes['introduced at'])->toBe([['−', 'First'], ['+', 'Second']])
        ->and($changes['mistakes'])->toBe([[' ', 'leans back'], ['+', 'waits']])
        ->and(array_column($entries[0]->changes, 'field'))->toBe(['doctrine', 'what else it answers']);
});
