<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\View\Spelling;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->hall->update(['bearings' => 'directions']);
    $this->answer = $this->hall->answers()->firstOrFail();
    $this->answer->update(['beats' => "left foot step 9, right hand clamp wrist\nright palm chin\nleave 6, look\n"]);
    $this->actingAs($this->person($this->hall, Role::Head));
});

it('writes beats as the school says directions, wherever they are read', function (string $path, string $shows): void {
    $attack = $this->answer->attack_id;

    $this->get(str_replace(['{answer}', '{attack}'], [$this->answer->id, $attack], $path))
        ->assertOk()
        ->assertSee($shows, false)
        ->assertDontSee('foot step 9, right hand')
        ->assertDontSee('leave 6, look');
})->with([
    'the answer' => ['/answers/{answer}', "left foot step left, right hand clamp wrist\nright palm chin\nleave back"],
    'its mirror' => ['/answers/{answer}', "right foot step right, left hand clamp wrist\nleft palm chin\nleave back"],
    'its editor' => ['/answers/{answer}/edit', ">left foot step left, right hand clamp wrist\nright palm chin\nleave back"],
    'its sheet' => ['/answers/{answer}/sheet', "left foot step left, right hand clamp wrist\nright palm chin\nleave back"],
    'its attack' => ['/attacks/{attack}', 'left foot step left, right hand clamp wrist'],
    'where to step' => ['/answers/{answer}/field?beat=1', 'left foot step left'],
]);

it('says where an attack comes from in its own way', function (): void {
    $this->answer->attack->forceFill([
        'kind' => 'punch-straight',
        'hand' => 'right',
        'bearing' => '3',
        'phase' => 'reaching',
        'thumb' => 'n/a',
        'intent' => 'strike',
    ])->save();

    $this->get('/attacks')->assertSee('right, from right, reaching')->assertDontSee('o’clock');
    $this->get("/attacks/{$this->answer->attack_id}")
        ->assertSee('from the right')
        ->assertDontSee('o’clock');
    $this->get("/attacks/{$this->answer->attack_id}/edit")
        ->assertSee('<option value="2" >front right (60°)</option>', false)
        ->assertDontSee('o’clock');
    $this->get('/wall')->assertSee('front left (300°)');
    $this->get('/wall/rose')->assertSee('from right:', false)->assertDontSee('o’clock');
});

it('tells the mat how the school says directions, from the moment it is changed', function (): void {
    $this->answer->update(['beats' => "right palm chin -> rocked\n  if not: left foot step 9, left palm chin\nleave 6\n"]);
    $said = fn (): array => [
        $this->get('/mat/kit')->assertOk()->json('cells.0.said'),
        array_merge(...$this->get('/mat/kit')->json('answers.*.whatIfs')),
    ];
    [$line, $whatIfs] = $said();
    $this->hall->update(['bearings' => 'degrees']);
    [$later, $whatIfsLater] = $said();

    expect($line)->toContain('from the front')->and($later)->toContain('from 0°')
        ->and($whatIfs)->toContain('if not: left foot step left, left palm chin')
        ->and($whatIfsLater)->toContain('if not: left foot step 270°, left palm chin');
});

it('stores what is typed in the one canonical spelling', function (): void {
    $typed = "left foot step front left, right palm chin\nleave 180°, look";
    $this->put("/answers/{$this->answer->id}", [
        'title' => $this->answer->title,
        'rank' => $this->answer->rank_id,
        'beats' => $typed,
        'mistakes' => 'steps back | 1: left foot step back',
        'version' => $this->answer->version,
    ])->assertRedirect("/answers/{$this->answer->id}");

    expect($this->answer->refresh()->beats)
        ->toBe("left foot step 10:30, right palm chin\nleave 6, look\n")
        ->and($this->answer->instead['steps back']['instead'])
        ->toBe("left foot step 6\n");
    $this->get("/answers/{$this->answer->id}/edit")->assertSee('steps back | 1: left foot step back');
});

it('leaves alone what cannot be read, and what is spelled as it is stored', function (): void {
    $own = Spelling::ofSchool($this->hall->refresh());
    $this->hall->update(['bearings' => 'clock']);
    $standard = Spelling::ofSchool($this->hall->refresh());

    expect($own->beats('sideways 9'))->toBe('sideways 9')
        ->and($own->beats("slide 9\n"))->toBe("slide left\n")
        ->and($own->form("pivot 6\n"))->toBe("pivot back\n")
        ->and($standard->beats('slide 9   #  as it is'))->toBe('slide 9   #  as it is')
        ->and([$own->hour('9'), $own->mark('1'), $standard->hour('9'), $standard->mark('1')])
        ->toBe(['left', 'front right (30°)', '9 o’clock', '1']);
});
