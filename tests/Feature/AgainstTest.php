<?php

declare(strict_types=1);

use App\Models\Role;
use Illuminate\Session\ArraySessionHandler;
use Illuminate\Session\NullSessionHandler;

// Gate answers a right hand that holds across, from 12, and by its pattern a left one as well, in its mirror.
beforeEach(function (): void {
    $this->hall = $this->school();
    $writer = $this->person($this->hall, Role::Head);
    $this->anew = fn () => $this->actingAs($writer->fresh());
    $this->gate = $this->hall->answers()->firstOrFail();
    $this->gate->update([
        'mirrored' => true,
        'beats' => "left foot step 9, left hand strip toward thumb -> released\nright palm chin\nleave 6\n",
    ]);
    $this->wrist = $this->hall->attacks()->where('code', 'wrist')->firstOrFail();
    $this->add = function (string $code, array $differences): void {
        $this->wrist
            ->replicate()
            ->fill(['code' => $code, 'title' => ucfirst($code), ...$differences])
            ->save();
    };
    // What is said of each beat.
    $this->said = function (string $query): string {
        $html = (string) ($this->anew)()->get("/answers/{$this->gate->id}/floor?{$query}")->assertOk()->getContent();
        preg_match_all('~<div data-beat=".*?</div>~s', $html, $said);

        return implode("\n", $said[0]);
    };
});

it('puts an answer on the floor against another attack that it answers, mirrored where that is its other side', function (): void {
    ($this->add)('other', ['hand' => 'left']);

    // The other hand, written, is the mirror of its own attack; its mirror is what the answer was written for.
    expect(($this->said)('against=other'))->toBe(($this->said)('side=mirrored'))
        ->and(($this->said)('against=other&side=mirrored'))->toBe(($this->said)(''))
        ->and(($this->said)('side=mirrored'))->not->toBe(($this->said)(''));

    ($this->anew)()->get("/answers/{$this->gate->id}?against=other")
        ->assertOk()
        ->assertSee('The floor shows it against “Other”')
        // With what the floor is asked for, which is what the tape is asked for, too.
        ->assertSeeInOrder([
            '<form id="bench-form"',
            'name="against" value="other"',
            '</form>',
            'form="bench-form" formaction="',
            '/tape.pdf"',
        ], false);
    foreach (['bodies', 'field', 'floor.svg', 'tape.pdf', 'sheet'] as $part) {
        ($this->anew)()->get("/answers/{$this->gate->id}/{$part}?against=other")->assertOk();
    }
});

it('keeps to its own attack where it does not answer the other one', function (string $against): void {
    ($this->add)('kicked', ['hand' => 'right', 'thumb' => 'down']);

    expect(($this->said)("against={$against}"))->toBe(($this->said)(''));
    ($this->anew)()->get("/answers/{$this->gate->id}?against={$against}")->assertDontSee('The floor shows it against');
})->with(['kicked', 'hug', 'nothing-of-the-kind', '', 'wrist']);

it('leads from a hole to the answer at fault: to its beats, or to the attack that it was not written for', function (): void {
    // A hand that holds on from 11 is answered by the pattern; nothing strips it any more.
    $this->gate->update(['beats' => "left foot step 9\nleave 6\n"]);
    ($this->add)('aslant', ['bearing' => '11']);
    ($this->anew)()->get('/wall')->assertOk();
    $holes = html_entity_decode((string) ($this->anew)()->get('/wall/holes')->assertOk()->getContent());

    expect($holes)->toContain('mend beat 2 of “Gate”')
        ->toContain("/answers/{$this->gate->id}/edit?side=written")
        ->toContain("/answers/{$this->gate->id}?against=aslant&side=written#floor-here");
    ($this->anew)()->get("/answers/{$this->gate->id}")->assertSee('does not work there');
});

it('leads to the two bodies for which something fails, and says what is to be added where nothing is ready', function (): void {
    $this->gate->update([
        'beats' => "left palm eyes\nleft hand strip toward thumb\nleave 6, look\n",
    ]);
    ($this->anew)()->get('/wall')->assertOk();
    $holes = html_entity_decode((string) ($this->anew)()->get('/wall/holes')->getContent());

    expect($holes)->toContain("/answers/{$this->gate->id}/edit?side=written&defender=small&attacker=large");
    ($this->anew)()->get("/answers/{$this->gate->id}?defender=small&attacker=large")
        ->assertSee('For you (small, 1.52 m) and the attacker (large, 1.85 m).');

    $this->gate->fresh()->update(['beats' => "left palm chin -> driven back\nleave 6, look\n"]);
    ($this->anew)()->get('/wall')->assertOk();
    expect(html_entity_decode((string) ($this->anew)()->get('/wall/holes')->getContent()))
        ->toContain('add “if not” to beat 1 of “Gate”');
});

it('says on an attack’s page what it lacks: at once what no answer lays, then its weak spots', function (): void {
    $this->gate->update(['mirrored' => false, 'beats' => "left hand strip toward thumb\n"]);
    $page = html_entity_decode(
        (string) ($this->anew)()->get("/attacks/{$this->wrist->id}")->assertOk()->getContent(),
    );
    expect($page)->toContain('What it lacks')
        ->toContain('but only its other side is taught')
        ->toContain('teach both sides of “Gate”')
        ->toMatch("~hx-get=\"[^\"]*/attacks/{$this->wrist->id}/holes\"~")
        ->not->toContain('no way out');

    $lacks = html_entity_decode(
        (string) ($this->anew)()->get("/attacks/{$this->wrist->id}/holes")->assertOk()->getContent(),
    );
    expect($lacks)->toContain('no way out')
        ->toContain('Ends within reach of the attacker’s fist')
        ->toContain('mend beat 1 of “Gate”')
        ->not->toContain('Hug from behind')
        ->not->toContain('hx-get');

    // Whoever only reads is told, and offered nothing to do.
    $this->actingAs($this->person($this->hall, Role::Assistant))
        ->get("/attacks/{$this->wrist->id}/holes")
        ->assertSee('no way out')
        ->assertDontSee('mend beat 1');
});

it('opens an answer from an attack as it is done against that attack', function (): void {
    ($this->add)('other', ['hand' => 'left']);
    $other = $this->hall->attacks()->where('code', 'other')->firstOrFail();

    $page = html_entity_decode((string) ($this->anew)()->get("/attacks/{$other->id}")->getContent());
    expect($page)->toContain("/answers/{$this->gate->id}?against=other&side=written")
        ->toContain("/answers/{$this->gate->id}?against=other&side=mirrored");
    $own = html_entity_decode((string) ($this->anew)()->get("/attacks/{$this->wrist->id}")->getContent());
    expect($own)->toContain("/answers/{$this->gate->id}\"")
        ->toContain("/answers/{$this->gate->id}?side=mirrored")
        ->not->toContain('against=');
});

it('answers the page of an attack that is just deleted with nothing, and keeps what it has to say', function (): void {
    ($this->anew)();
    $part = ['HX-Request' => 'true'];
    foreach (['holes' => 204, 'proof' => 404] as $name => $status) {
        session()->setHandler(new ArraySessionHandler(10));
        $this->get("/attacks/999999/{$name}", $part)->assertStatus($status);
        // A part writes no session: the word that it is deleted is for the page that comes.
        expect(session()->getHandler())->toBeInstanceOf(NullSessionHandler::class);
    }
    session()->setHandler(new ArraySessionHandler(10));
    $this->get('/attacks/999999/holes')->assertNotFound();
    expect(session()->getHandler())->toBeInstanceOf(ArraySessionHandler::class);
});
