<?php

declare(strict_types=1);

use App\Models\Role;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->actingAs($this->person($this->hall, Role::Head));
    $this->answer = $this->hall->answers()->firstOrFail();
    $this->answer->update([
        'beats' => "left foot step 9, left hand strip toward thumb -> released\nright palm chin\nleave 6\n",
        'mistakes' => ['goes for the fingers', 'says nothing'],
        'instead' => [
            'goes for the fingers' => ['at' => 1, 'instead' => "left foot step 9, left hand strip toward fingers\n"],
        ],
    ]);
    $this->beside = fn (string $with) => $this->get("/answers/{$this->answer->id}/beside?with={$with}")->assertOk();
});

it('puts a mistake beside the right way, beat by beat', function (): void {
    $page = ($this->beside)('mistake-1')
        ->assertSee('goes for the fingers')
        ->assertSee('strip toward fingers')
        ->assertSee('This fails for these bodies')
        ->assertSee('Takes')
        ->assertSee('seen in 0 reps');
    preg_match_all(
        '/<li class="(differs)?">\s*<button type="button" data-left="(\d+)" data-right="(\d+)"/',
        (string) $page->getContent(),
        $rows,
        PREG_SET_ORDER,
    );

    expect(array_map(fn (array $row): array => [$row[1], $row[2], $row[3]], $rows))->toBe([
        ['', '0', '0'],
        ['differs', '1', '1'],
        ['', '2', '2'],
        ['', '3', '3'],
    ]);
    $this->get("/answers/{$this->answer->id}")
        ->assertSee('Show it beside the right way')
        ->assertSee('the right way');
});

it('puts other bodies, another answer, an earlier version and a starter beside it', function (): void {
    ($this->beside)('bodies-child-large')->assertSee('child against large');
    $other = $this->answer
        ->replicate()
        ->fill([
            'code' => 'other',
            'title' => 'Other way',
            'beats' => "right foot step 3\nleave 6\n",
            'mistakes' => [],
            'instead' => [],
        ]);
    $other->save();
    ($this->beside)("answer-{$other->id}")
        ->assertSee('Other way')
        ->assertSee('right foot step 3');
    $this->answer
        ->refresh()
        ->updateVersion($this->answer->version, ['beats' => "hop 6\nleave 6\n"], $this->hall->users()->firstOrFail());
    ($this->beside)('version-1')->assertSee('version 1 of');
    ($this->beside)('starter-leave-at-once-roll-the-wrist-and-go')->assertSee('Roll the wrist and go');
});

it('draws both halves to one scale, and on one ground', function (): void {
    $page = (string) ($this->beside)('bodies-child-large')->getContent();
    preg_match_all(
        '/class="floor-drawing( side-drawing)?" viewBox="(\S+) (\S+) (\S+) (\S+)"/',
        $page,
        $boxes,
        PREG_SET_ORDER,
    );
    $boxes = array_map(
        static fn (array $box): array => [
            $box[1] !== '',
            (float) $box[3] + (float) $box[5],
            (float) $box[4],
            (float) $box[5],
        ],
        $boxes,
    );
    [$leftAbove, $leftSide, $rightAbove, $rightSide] = $boxes;

    expect(array_column($boxes, 0))->toBe([false, true, false, true])
        ->and([$rightAbove[2], $rightAbove[3]])->toBe([$leftAbove[2], $leftAbove[3]])
        ->and([$rightSide[2], $rightSide[3]])->toBe([$leftSide[2], $leftSide[3]])
        ->and($rightSide[1])->toEqualWithDelta($leftSide[1], 0.11);
    // A large attacker of 2 m stands higher than a medium one: alone, the halves had two scales.
    $alone = static fn (string $sizes): float => (float) explode(
        ' ',
        (string) preg_replace(
            '/.*side-drawing" viewBox="([^"]+)".*/s',
            '$1',
            (string) test()
                ->get('/answers/'.test()->answer->id."?{$sizes}")
                ->getContent(),
        ),
    )[3];
    expect($alone('defender=small&attacker=small'))->toBeLessThan($alone('defender=child&attacker=large'));
});

it('has the first that can be chosen beside it whatever is asked for, and shows what is chosen', function (
    string $with,
    string $shown,
): void {
    $page = (string) ($this->beside)($with)->getContent();
    preg_match('/<section data-half="right"><h2[^>]*>([^<]+)</', $page, $right);
    preg_match('/<option value="[^"]+"\s+selected>([^<]+)</', $page, $chosen);

    expect($right[1])->toBe($shown)->and($chosen[1])->toBe($shown);
})->with([
    ...array_map(static fn (string $with): array => [$with, 'goes for the fingers'], [
        '', 'mistake-9', 'mistake-2', 'answer-999999', 'version-0', 'bodies-x-y', 'starter-none-none', 'nonsense',
        'mistake-1',
    ]),
    ['bodies-medium-medium', 'medium against medium'],
    ['bodies-small-large', 'small against large'],
]);

it('tries all sizes, and the students, and puts any two on the floor', function (): void {
    $this->hall
        ->students()
        ->firstOrFail()
        ->update(['height' => 1.43]);
    $page = $this->get("/answers/{$this->answer->id}/bodies")
        ->assertOk()
        ->assertSee('Ada Plover')
        ->assertSee('1.43');
    expect(substr_count((string) $page->getContent(), 'data-defender="1.25"'))->toBe(4)
        ->and(substr_count((string) $page->getContent(), 'data-defender="1.43"'))->toBe(4);
    $this->get("/answers/{$this->answer->id}/floor?defender=1.43&attacker=2.10")->assertOk();
    $this->get("/answers/{$this->answer->id}?defender=1.43&attacker=2.10")->assertOk()
        ->assertSee('1.43 m')
        ->assertSee('2.10 m');
    // Bodies that nobody has are the usual ones.
    $this->get("/answers/{$this->answer->id}?defender=5&attacker=0.2")->assertOk()
        ->assertDontSee('5.00 m');
});

it('takes what a mistake breaks along to the mat', function (): void {
    $kit = $this->get('/mat/kit')->assertOk()->json('answers');
    $shown = $kit[$this->answer->id]['shown'] ?? [];

    expect(array_keys($shown))->toBe(['goes for the fingers'])
        ->and($shown['goes for the fingers']['images'])->toHaveCount(2)
        ->and($shown['goes for the fingers']['images'][0])->toStartWith('data:image/svg+xml;base64,')
        ->and($shown['goes for the fingers']['says'])->toContain('Beat');
});
