<?php

declare(strict_types=1);

use App\Models\Role;
use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Floor\Bodies;
use StoneDrill\Core\Floor\Simulation;
use StoneDrill\Core\Technique\Beats;
use Tests\Core\Floor\OnTheFloor;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->actingAs($writer = $this->person($this->hall, Role::Instructor));
    // Each request reads everything anew; a test keeps its person, and what that has read, from one to the next.
    $this->anew = fn () => $this->actingAs($writer->fresh());
    $this->wrist = $this->hall->attacks()->where('code', 'wrist')->firstOrFail();
    $this->gate = $this->hall->answers()->firstOrFail();
    $this->bench = fn (string $beats, array $more = []) => $this->post("/attacks/{$this->wrist->id}/workbench", [
        'beats' => $beats,
        ...$more,
    ]);
});

it('shows what is typed on the floor, with its margins', function (): void {
    // A palm to the chin from a held wrist, both of medium size: +14 cm.
    ($this->bench)("left palm chin\nleave 6")
        ->assertOk()
        ->assertSee('No mistakes in the writing')
        ->assertSee('id="floor-here"', false)
        ->assertSee('data-frame="2"', false)
        ->assertSee('palm +14 cm')
        ->assertSee('left hand palm chin: +14 cm')
        ->assertSee('Leaves with a hold on: right hand on right wrist.');
});

it('leaves the floor as it is when the beats cannot be read', function (): void {
    ($this->bench)('left plam chin')->assertOk()->assertSee('Did you mean')->assertDontSee('floor-here');
});

it('shows the same figures as the core has', function (
    string $defender,
    string $attacker,
    float $ownStature,
    float $hisStature,
): void {
    $run = (new Simulation(
        Kinds::builtIn()->get('wrist-cross'),
        OnTheFloor::facets(Kinds::builtIn()->get('wrist-cross'), ['thumb' => 'up']),
        new Bodies($ownStature, $hisStature),
    ))->run(Beats::parse('left palm chin'));
    $hit = $run->frames[0]->hits[0];

    ($this->bench)('left palm chin', ['defender' => $defender, 'attacker' => $attacker])
        ->assertSee(
            match (true) {
                $hit->measure->tooFarUp => 'palm too high',
                $hit->measure->drive > 0 => sprintf('palm +%d cm with the body', round(100 * $hit->measure->drive)),
                default => sprintf('palm %+d cm', $hit->centimetres()),
            },
        )
        ->assertSee(sprintf('%.2f m away', $run->frames[0]->positions()->distance));
})->with([['small', 'large', 1.52, 1.85], ['large', 'small', 1.85, 1.52], ['child', 'large', 1.25, 1.85]]);

it('tells the length that a step takes, draws it, and offers to write it', function (): void {
    // As in the core's own test: rocked to .8392, the elbow needs 14 cm more than the usual 58.8.
    ($this->bench)("left palm chin -> rocked\nleft foot step 12, left elbow chin")
        ->assertSee('left foot: 73 cm, 1.24 of the usual')
        ->assertSee('73 cm</text>', false)
        ->assertSeeInOrder(
            [
                'data-mended="left palm chin -&gt; rocked',
                'left foot step 12 0.728 m, left elbow chin',
                'Write this length',
            ],
            false,
        );
    ($this->bench)("left palm chin -> rocked\nleft foot step 12 0.728 m, left elbow chin")
        ->assertDontSee('of the usual')
        ->assertDontSee('Write this length');
});

it('says whether it works for these bodies, and where it fails', function (): void {
    ($this->bench)("both hands strip toward thumb -> released\nleave 6")->assertSee('This works for these bodies.');
    ($this->bench)('leave 6')->assertSee('This fails for these bodies, at beat 1: ');
});

it('tells what a block keeps away', function (): void {
    $this->wrist->update(['kind' => 'punch-straight', 'thumb' => 'n/a', 'phase' => 'reaching', 'intent' => 'strike']);
    ($this->bench)('both hands cover')->assertSee(
        'Stopped by the block. Without it the attack would land (15 cm too near).',
    );
});

it('tells how the body goes and turns with a strike', function (): void {
    ($this->bench)('left elbow chin')->assertSee('left elbow chin: reached, since the body goes 15 cm with it');
    ($this->bench)('right back kick groin')->assertSee('(the body turns 180° to the right)');
});

it('looks at it from the other side, at another pace, in another spelling', function (): void {
    ($this->bench)('left palm chin', ['side' => 'mirrored'])->assertSee('right hand palm chin: +14 cm');
    ($this->bench)('left palm chin', ['rung' => '1'])
        ->assertSee('data-pace="0.25"', false)
        ->assertSee('data-time="1"', false);
    ($this->bench)('left palm chin', ['style' => 'degrees'])->assertSee('90°');
    ($this->bench)('left palm chin', ['style' => 'directions'])->assertSee('right</text>', false);
});

it('offers a mend that was tried, as the whole text', function (): void {
    ($this->bench)("left hand strip toward thumb\nleave 6", ['doctrine' => 'counter'])
        ->assertSee('Goes 1.8 m backward without a look.')
        ->assertSee('data-mended="left hand strip toward thumb'."\n".'leave 6, look', false)
        ->assertSee('Add “look”');
});

it('offers the best first steps with a strike that still reaches', function (): void {
    $this->get("/attacks/{$this->wrist->id}/first-steps?strike=left+palm+chin")->assertOk()
        ->assertSee('Best first steps')
        ->assertSee('data-first="', false);
    $this->get("/attacks/{$this->wrist->id}/first-steps?strike=glide")->assertOk()
        ->assertSee('is not a strike that can be read');
    $this->get("/attacks/{$this->wrist->id}/first-steps?strike=right+knee+chin")->assertSee(
        'No first step lets “right knee chin” still reach',
    );
});

it('keeps another school’s attack and answer closed', function (): void {
    $other = $this->school('Other Hall');

    $this->post("/attacks/{$other->attacks()->value('id')}/workbench", ['beats' => 'leave 6'])->assertNotFound();
    foreach (['floor', 'floor.svg', 'sheet', 'sheet.pdf'] as $part) {
        $this->get("/answers/{$other->answers()->value('id')}/{$part}")->assertNotFound();
    }
    // The waivers of another school's answer are not applied either.
    $other
        ->answers()
        ->update(['waived' => json_encode([['check' => 'still-held', 'beat' => null, 'reason' => 'theirs']])]);
    ($this->bench)('leave 6', ['answer' => (string) $other->answers()->value('id')])->assertSee(
        'Leaves with a hold on',
    );
});

it('reads an attack in one line, and says the line that the fields are', function (): void {
    $this->get('/attacks/facets?line='.urlencode('right cross wrist grab from 2, thumb up, pulling, sparkly'), [
        'HX-Trigger-Name' => 'line',
    ])
        ->assertOk()
        ->assertSee('value="wrist-cross" selected', false)
        ->assertSee('value="moving" selected', false)
        ->assertSee('Understood')
        ->assertSee('Not understood')
        ->assertSee('sparkly');
    $this->get('/attacks/facets?kind=swing&hand=left&bearing=3&phase=reaching')->assertSee(
        'data-said-line="left wide swing, from 3, reaching, to strike"',
        false,
    );
});

it('shows the situation of an attack', function (): void {
    $this->get("/attacks/{$this->wrist->id}")
        ->assertSee('Your right hand is limited: the attacker’s right hand holds its wrist')
        ->assertSee('The attacker’s free weapons: left hand, left foot, right foot.')
        ->assertSee('The grip is weakest toward the thumb, which points up.')
        ->assertSee('right wrist hold, across, from 12, thumb up, landed, to move');
});

it('makes a sheet of one page, as a print and as a PDF, with the figures of the screen', function (
    string $paper,
    string $size,
): void {
    $figures = $this->get("/answers/{$this->gate->id}")
        ->assertOk()
        ->getContent();
    preg_match_all('/data-beat="(\d+)".*?([\d.]+ m) away,/s', (string) $figures, $seen);
    $sheet = $this->get("/answers/{$this->gate->id}/sheet?paper={$paper}")
        ->assertOk()
        ->assertSee('Usual mistakes')
        ->assertSee('leans back')
        ->assertSee('Not medical or legal advice');
    expect($seen[2])->toHaveCount(3);
    foreach ($seen[2] as $distance) {
        $sheet->assertSee($distance);
    }

    $pdf = $this->get("/answers/{$this->gate->id}/sheet.pdf?paper={$paper}")
        ->assertOk()
        ->assertHeader('Content-Type', 'application/pdf')
        ->getContent();
    expect($pdf)->toStartWith('%PDF-')
        ->and(preg_match_all('~/Type /Page\b~', (string) $pdf))->toBe(1)
        ->and($pdf)->toContain($size);
})->with([['a4', '595.280 841.890'], ['letter', '612.000 792.000']]);

it('gives the floor of a beat as a drawing that stands alone', function (): void {
    $svg = (string) $this->get("/answers/{$this->gate->id}/floor.svg?beat=1")
        ->assertOk()
        ->assertHeader('Content-Type', 'image/svg+xml')
        ->getContent();
    $document = simplexml_load_string($svg);

    expect($document->getName())->toBe('svg')
        ->and($svg)->not->toContain('href')
        ->not->toContain('<style')
        ->not->toContain('<script')
        ->not->toContain('not-now')
        ->and($svg)->toContain('Gate, beat 1. Planning estimates.');
    $this->get("/answers/{$this->gate->id}/floor.svg?beat=99")->assertNotFound();
});

it('keeps every version, tells what changed, and brings one back', function (): void {
    $form = [
        'title' => 'Gate',
        'label' => '',
        'rank' => $this->gate->rank_id,
        'mirrored' => '0',
        'mistakes' => 'leans back',
        'version' => 1,
    ];
    $this->put("/answers/{$this->gate->id}", [
        ...$form,
        'beats' => "left foot step 9, left hand strip toward thumb -> released\nleave 6, look",
    ])->assertRedirect();

    $this->get("/answers/{$this->gate->id}")
        ->assertSee('Added')
        ->assertSee('a catalogue file')
        ->assertSee('Changed')
        ->assertSee('What changed: beats')
        ->assertSeeInOrder(['removed', 'leave 6', 'added', 'leave 6, look']);
    $this->post("/answers/{$this->gate->id}/versions/1", ['version' => 2])->assertRedirect()
        ->assertSessionHas('status');
    expect($this->gate->fresh()->beats)->toBe("left foot step 9, left hand strip toward thumb -> released\nleave 6\n")
        ->and($this->gate->fresh()->version)->toBe(3)
        ->and($this->gate->versions()->count())->toBe(3);

    // Somebody else saved in between: nothing is overwritten.
    $this->post("/answers/{$this->gate->id}/versions/2", ['version' => 2])->assertSessionHas('error');
    expect($this->gate->fresh()->version)->toBe(3);
    $this->post("/answers/{$this->gate->id}/versions/77", ['version' => 3])->assertNotFound();
});

it('refuses to bring back a title that another answer has now', function (): void {
    $this->gate
        ->versions()
        ->where('version', 1)
        ->toBase()
        ->update(['content' => json_encode([...$this->gate->versions()->firstOrFail()->content, 'title' => 'Taken'])]);
    $this->hall
        ->answers()
        ->create([
            ...$this->gate->only('attack_id', 'rank_id', 'beats', 'pattern', 'mistakes', 'waived'),
            'code' => 'taken',
            'title' => 'Taken',
        ]);

    $this->post("/answers/{$this->gate->id}/versions/1", ['version' => 1])->assertSessionHas('error');
});

it('accepts a finding with a reason, and takes that back', function (): void {
    $accept = ['check' => 'blind-exit', 'beat' => '2', 'version' => 1];
    $this->post("/answers/{$this->gate->id}/waivers", $accept)->assertSessionHasErrors([
        'reason' => 'Say why this is accepted. The reason is kept.',
    ]);
    $this->post("/answers/{$this->gate->id}/waivers", [
        ...$accept,
        'check' => 'nonsense',
        'reason' => 'x',
    ])->assertSessionHasErrors('check');
    $this->post("/answers/{$this->gate->id}/waivers", [
        ...$accept,
        'reason' => 'The quay behind is empty.',
    ])->assertSessionHas('status');

    ($this->anew)()
        ->get("/answers/{$this->gate->id}")
        ->assertSee('Accepted at beat 2')
        ->assertSee('The quay behind is empty.');
    $this->get("/answers/{$this->gate->id}/edit")->assertDontSee('Goes 1.8 m backward without a look.');
    $this->post("/answers/{$this->gate->id}/waivers", [...$accept, 'reason' => 'too late'])->assertSessionHas('error');
    $this->delete("/answers/{$this->gate->id}/waivers/blind-exit", ['beat' => '2', 'version' => 2])->assertSessionHas(
        'status',
    );
    ($this->anew)()
        ->get("/answers/{$this->gate->id}")
        ->assertSee('Accept it, with a reason')
        ->assertDontSee('The quay behind is empty.</em>', false);
});

it('tells which answers it is most like, and what the policy keeps from youth', function (): void {
    $this->hall
        ->answers()
        ->create([
            ...$this->gate->only('attack_id', 'rank_id', 'pattern', 'mistakes', 'waived'),
            'code' => 'twin',
            'title' => 'Twin',
            'beats' => "right foot step 3, right hand strip toward thumb -> released\nright palm throat\n",
        ]);

    // Its mirror brings two of the twin's three actions along; the twin brings two of three to Gate.
    ($this->anew)()
        ->get("/answers/{$this->gate->id}")
        ->assertSee('which shares 67 % of its actions (67 % the other way)');
    $this->get('/answers/'.$this->hall->answers()->where('code', 'twin')->value('id'))
        ->assertSee('Not taught under 16: a strike to the throat.')
        ->assertSee('a strike to the throat (level 4)');
});
