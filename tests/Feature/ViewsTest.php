<?php

declare(strict_types=1);

use App\Models\Role;
use App\Persistence\CatalogueMapper;
use App\View\Attacks\WhenPicture;
use App\View\Floor\FloorFrame;
use App\View\Floor\FloorPicture;
use App\View\Floor\ScorePicture;
use App\View\Floor\SidePicture;
use App\View\Workbench\BenchSettings;
use App\View\Workbench\Meeting;
use App\View\Workbench\Tape;
use App\View\Workbench\Workbench;
use Illuminate\Http\Request;
use StoneDrill\Core\Checks\Score;
use StoneDrill\Core\Geometry\BearingStyle;
use StoneDrill\Core\Report\WhenReport;
use Tests\Core\Checks\TrustFixture;
use Tests\Core\Floor\OnTheFloor;
use Tests\Support\PdfPaper;

it('shows the same beats and the same figures from above, from the side and in time', function (
    string $kind,
    string $beats,
): void {
    $trial = OnTheFloor::examine($kind, [], $beats)->trial;
    $above = FloorPicture::ofRun($trial->run, BearingStyle::Clock)->frames;
    $side = SidePicture::ofRun($trial->run)->frames;
    $score = new ScorePicture(Score::of($trial));
    $isLabel = static fn (string $label, string $other): bool => $label === $other
        || str_starts_with($other, $label.',');

    expect(array_map(static fn (FloorFrame $frame): string => $frame->frame->number, $above))->toBe(
        array_column($side, 'number'),
    );
    foreach ($above as $place => $frame) {
        foreach ($frame->strikes as $at => $strike) {
            expect($isLabel($strike['label'], $side[$place]->strikes[$at]['label']))
                ->toBeTrue("{$strike['label']}, {$side[$place]->strikes[$at]['label']}")
                ->and($side[$place]->strikes[$at]['reaches'])->toBe($strike['reaches']);
        }
        // As far apart from the side as from above.
        expect($side[$place]->attacker->axis - $side[$place]->defender->axis)->toEqualWithDelta(
            100 * $frame->frame->positions()->distance,
            0.11,
        );
    }
    foreach ($score->bars as $bar) {
        $frame = $trial->run->frame($bar['number']);
        expect($frame)->not->toBeNull();
        if ($bar['kind'] === 'action' && $bar['number'] !== '1') {
            expect(($bar['x'] - $score->zero) / $score->scale)->toBeGreaterThanOrEqual($frame->startsAt - 0.01)
                ->and(($bar['x'] + $bar['width'] - $score->zero) / $score->scale)
                ->toBeLessThanOrEqual($frame->time + 0.01);
        }
    }
})->with([
    [
        'wrist-cross',
        "left foot step 9, left hand strip toward thumb -> released\n  if not: right knee groin -> folded\nright palm chin -> rocked\nright knee chin\nleave 6",
    ],
    [
        'punch-straight',
        "left foot step 9, left hand parry forearm\nright palm chin -> folded\nright knee nose -> dropped\nleave 6, look",
    ],
]);

it('gives zero for where nothing is, and everything within the picture', function (): void {
    $picture = SidePicture::ofRun(OnTheFloor::run('closing-in', [], "left foot step 6\nleave 6", 1.25, 1.85));
    foreach ($picture->frames as $frame) {
        foreach ([$frame->defender, $frame->attacker] as $figure) {
            expect($figure->axis)->toBeGreaterThan($picture->left)
                ->toBeLessThan($picture->left + $picture->width)
                ->and($figure->headY - $figure->head)->toBeGreaterThan($picture->top);
        }
    }
    // Every half metre up to 1.85 m and 16 cm.
    expect(array_column($picture->levels, 'label'))->toBe(['0.5 m', '1.0 m', '1.5 m', '2.0 m']);
});

it('lets no two names of targets lie on each other', function (): void {
    foreach (SidePicture::ofRun(OnTheFloor::run('closing-in', [], 'look'))->frames as $frame) {
        $lines = array_column($frame->targets, 'ly');
        for ($at = 1; $at < count($lines); $at++) {
            expect($lines[$at] - $lines[$at - 1])->toBeGreaterThanOrEqual(7.5);
        }
    }
});

it('gives the three drawings as files', function (): void {
    $school = $this->school();
    $this->actingAs($this->person($school, Role::Head));
    $answer = $school->answers()->firstOrFail();

    foreach (['above' => 'beat-2', 'side' => 'side-2', 'score' => 'score-2', 'x' => 'beat-2'] as $view => $name) {
        $response = $this->get("/answers/{$answer->id}/floor.svg?view={$view}&beat=2")->assertOk();
        expect($response->headers->get('content-disposition'))->toContain($name)
            ->and(simplexml_load_string((string) $response->getContent()))->not->toBeFalse();
    }
    $this->get("/answers/{$answer->id}")
        ->assertSee('from the side')
        ->assertSee('data-score-scale', false);
    $this->get("/attacks/{$answer->attack_id}")->assertSee('side-drawing', false);
    $this->get("/answers/{$answer->id}/sheet")
        ->assertSee('side-drawing', false)
        ->assertSee('score-drawing', false);
});

it('draws the floor as a field, for the beat and the strike that are asked for', function (): void {
    $school = $this->school();
    $this->actingAs($this->person($school, Role::Head));
    $answer = $school->answers()->firstOrFail();

    $page = $this->get("/answers/{$answer->id}/field")
        ->assertOk()
        ->assertSee('field-drawing', false)
        ->assertSee('right palm chin')
        ->assertSee('the strike gets there');
    expect((int) preg_match_all('/<pattern /', (string) $page->getContent()))->toBe(4);
    $this->get("/answers/{$answer->id}/field?beat=2&strike=left+knee+groin&side=mirrored&defender=1.43")->assertOk()
        ->assertSee('left knee groin');
    // The same drawing alone in a file, for the same beat and strike.
    $asked = 'beat=2&strike=left+knee+groin&side=mirrored&defender=1.43';
    preg_match(
        '#<svg class="field-drawing".*?</svg>#s',
        (string) $this->get("/answers/{$answer->id}/field?{$asked}")
            ->assertSee('field.svg?beat=2')
            ->getContent(),
        $drawn,
    );
    $file = (string) $this->get("/answers/{$answer->id}/field.svg?{$asked}")
        ->assertOk()
        ->assertHeader('content-type', 'image/svg+xml')
        ->getContent();
    expect($file)->toEndWith(trim($drawn[0])."\n")
        ->and(simplexml_load_string($file))->not->toBeFalse();
    foreach (['beat=99&strike=nonsense', 'beat=x&strike=leave+6', 'beat[]=1&strike[]=2'] as $query) {
        $this->get("/answers/{$answer->id}/field?{$query}")->assertOk();
    }
});

it('lays steps out with tape for one student, at a scale that is stated', function (): void {
    $school = $this->school();
    $answer = $school->answers()->firstOrFail();
    $answer->update(['beats' => "left foot step 9 0.60 m\nright foot step 9 0.30 m\n"]);
    $student = $school->students()->firstOrFail();
    $student->update(['height' => 1.5]);
    $catalogue = app(CatalogueMapper::class)->curriculum($school->fresh());
    $core = $catalogue->answer($answer->code);
    $tape = new Tape(
        $catalogue,
        Meeting::own($core, $catalogue->attackOf($core), BenchSettings::usual($catalogue, $catalogue->attackOf($core))),
        $student->refresh(),
    );

    // .60 m to 9 o’clock, which is 270°; nothing of it is elastic.
    expect($tape->rows)
        ->toBe([
            ['beat' => '1', 'foot' => 'left', 'cm' => '60', 'bearing' => '270'],
            ['beat' => '2', 'foot' => 'right', 'cm' => '30', 'bearing' => '270'],
        ])
        ->and($tape->for)->toBe('Ada Plover, 1.50 m')
        ->and($tape->width)->toBeLessThanOrEqual(170.0)
        ->and($tape->height)->toBeLessThanOrEqual(130.0);
    [$scale] = sscanf($tape->scale(), '1 : %d');
    preg_match_all('/(-?[\d.]+),(-?[\d.]+)/', $tape->ways[0], $left);
    // On paper it is as long as the scale says, to a tenth of a millimetre.
    expect(abs((float) $left[1][1] - (float) $left[1][0]))->toEqualWithDelta(600 / $scale, 0.3);
    $paper = $this->actingAs($this->person($school, Role::Head))
        ->get("/answers/{$answer->id}/tape.pdf?student={$student->id}")
        ->assertOk()
        ->assertHeader('content-type', 'application/pdf');
    // The left foot stays from beat 1 on, the right one comes after it: each says it on its own side.
    expect(array_column($tape->places, 'anchor', 'label'))
        ->toBe(['L0' => 'end', 'R0–1' => 'start', 'L1–2' => 'end', 'R2' => 'start']);
    // On paper, too: the left foot goes .60 m straight to the side, the right one .30 m.
    $across = array_map(
        static fn (array $line): float => round($line[0], 1),
        array_filter(PdfPaper::lines($paper->getContent()), static fn (array $line): bool => $line[1] < 0.05),
    );
    expect($across)->toContain(round(600 / $scale, 1), round(300 / $scale, 1));
});

it('says on a tape which side and which bodies it is for', function (): void {
    $answer = $this->school()->answers()->firstOrFail();
    $answer->update(['beats' => "left foot step 9 0.60 m\n"]);
    $request = Request::create('/', parameters: ['side' => 'mirrored', 'defender' => 'large']);
    $tape = app(Workbench::class)->tape($request, $answer->fresh());

    // The other foot goes to the other side.
    expect($tape->rows)->toBe([['beat' => '1', 'foot' => 'right', 'cm' => '60', 'bearing' => '90']]);
    $this->view('workbench.tape', ['tape' => $tape])
        ->assertSee('For 1.85 m, against “Wrist held across” (mirrored).');
});

it('draws which answer when along time and distance', function (): void {
    $catalogue = TrustFixture::catalogue();
    $picture = new WhenPicture(WhenReport::of($catalogue, $catalogue->attack('punch-back')), [
        'punch-back' => 'Out of reach',
    ]);

    // .25 + .15 · log2 10 s of reaction and 1 s to leave, where the punch comes after .45 s; from .66204 + .588 m and
    // 2.5 m a second that is missing.
    $needs = 1.25 + 0.15 * log(10, 2);
    $metres = 1.25004 + 2.5 * ($needs - 0.45);
    expect($picture->rows)->toHaveCount(1)
        ->and($picture->rows[0]['text'])
        ->toBe(
            sprintf(
                'Out of reach: in time from %.2f s on, from 1.00 s if you expect it, and if it begins %.2f m away or farther.',
                $needs,
                $metres,
            ),
        )
        // 2 s lie between 12 and 350 of the drawing, 5 m between 390 and 548.
        ->and($picture->rows[0]['needs'])->toEqualWithDelta(12 + (338 * $needs) / 2, 0.06)
        ->and($picture->rows[0]['told'])->toEqualWithDelta(12 + 338 * 0.5, 0.06)
        ->and($picture->rows[0]['distance'])->toEqualWithDelta(390 + (158 * $metres) / 5, 0.06)
        ->and($picture->arrival)->toEqualWithDelta(12 + 338 * 0.225, 0.06)
        ->and($picture->arrives)->toBe('arrives 0.45 s');

    $school = $this->school();
    $wrist = $school->attacks()->where('code', 'wrist')->value('id');
    $this->actingAs($this->person($school, Role::Assistant))
        ->get("/attacks/{$wrist}")
        ->assertOk()
        ->assertSee('Which one when')
        ->assertSee('s after you feel the hold');
});

it('shows the directions of a school and of a student, and leads to the wall', function (): void {
    $school = $this->school();
    $this->actingAs($this->person($school, Role::Head));
    $student = $school->students()->firstOrFail();

    $this->get('/wall/rose')->assertOk()->assertSee('/wall?bearing=12&amp;family=grab', false);
    $this->get('/wall/rose?by=rank')->assertOk()->assertSee('from=first&amp;to=first', false);
    $this->get("/wall/rose?student={$student->id}")->assertOk()
        ->assertSee($student->name)
        ->assertSee("student={$student->id}", false);
    foreach (['student=999', 'student[]=1', 'by[]=rank', 'by=x'] as $query) {
        $this->get("/wall/rose?{$query}")->assertOk();
    }
});

it('keeps the words of strikes inside the drawing', function (string $kind, string $beats): void {
    $run = OnTheFloor::examine($kind, [], $beats)->trial->run;
    foreach ($run->frames as $frame) {
        $above = FloorPicture::ofRun($run, BearingStyle::Clock)->only($frame->number);
        $side = SidePicture::ofRun($run)->only($frame->number);
        foreach ([[$above, $above->frames[0]->strikes], [$side, $side->frames[0]->strikes]] as [$picture, $strikes]) {
            foreach ($strikes as $strike) {
                // Bold letters of 10 units are 5.8 wide on average.
                $wide = 5.8 * mb_strlen($strike['label']);
                [$from, $to] = $strike['anchor'] === 'end'
                    ? [$strike['lx'] - $wide, $strike['lx']]
                    : [$strike['lx'], $strike['lx'] + $wide];
                expect($from)->toBeGreaterThanOrEqual($picture->left)
                    ->and($to)->toBeLessThanOrEqual($picture->left + $picture->width);
            }
        }
    }
})->with([
    [
        'wrist-cross',
        "left foot step 9, left hand strip toward thumb -> released\nright palm chin -> rocked\nright knee chin\nleave 6",
    ],
    [
        'punch-straight',
        "left foot step 9, left hand parry forearm\nleft elbow ribs -> folded\nright knee nose, left hammer chin -> dropped\nleave 6, look",
    ],
]);

it('draws no bar of the score over another', function (): void {
    foreach (TrustFixture::examinations() as $examination) {
        $picture = new ScorePicture(Score::of($examination->trial));
        $lines = [];
        foreach ($picture->bars as $bar) {
            if ($bar['kind'] === 'action') {
                $lines[(string) $bar['y']][] = [$bar['x'], $bar['x'] + $bar['width']];
            }
        }
        foreach ($lines as $line) {
            sort($line);
            foreach (array_slice($line, 1) as $place => [$from]) {
                expect($from)->toBeGreaterThanOrEqual($line[$place][1] - 0.11);
            }
        }
    }
});

it('saves the rose and which answer when as files that stand alone', function (): void {
    $school = $this->school();
    $this->actingAs($this->person($school, Role::Assistant));
    $wrist = $school->attacks()->where('code', 'wrist')->value('id');
    foreach (
        [
            '/wall/rose.svg',
            '/wall/rose.svg?by=rank&student='.$school->students()->value('id'),
            "/attacks/{$wrist}/when.svg",
        ] as $path
    ) {
        $answer = $this->get($path)->assertOk()->assertHeader('content-type', 'image/svg+xml');
        $svg = (string) $answer->getContent();
        // It is well-formed, tells more than an empty drawing, leads nowhere, and every class that it names has ink in
        // it.
        expect(simplexml_load_string($svg))->not->toBeFalse()
            ->and(substr_count($svg, '<path'))->toBeGreaterThan(1)
            ->and($svg)->not->toContain('href=');
        preg_match_all('/class="(rose-[a-z]+)"/', $svg, $classes);
        foreach (array_diff(array_unique($classes[1]), ['rose-drawing']) as $class) {
            expect($svg)->toContain(".{$class} {");
        }
    }
});

it('marks in which place a page lies', function (string $path, string $place): void {
    $hall = $this->school();
    $this->actingAs($this->person($hall, Role::Head));
    $body = (string) $this->get($path)->assertOk()->getContent();
    preg_match_all('~aria-current="page"\s*>([^<]+)</a>~', $body, $found);

    expect($found[1])->toBe([$place]);
})->with([
    ['/wall', 'Wall'],
    ['/wall/rose', 'Wall'],
    ['/evidence', 'Answers'],
    ['/tests', 'Classes'],
    ['/tests/create', 'Classes'],
    ['/board', 'People'],
    ['/people/reps', 'People'],
    ['/school/settings', 'School'],
    ['/record', 'Record'],
]);
