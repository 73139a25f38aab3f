<?php

declare(strict_types=1);

use App\Models\Role;
use Carbon\CarbonImmutable;
use Tests\Feature\TimelineFixture;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->bo = $this->hall
        ->students()
        ->create([
            'code' => 'bo',
            'name' => 'Bo Sandpiper',
            'rank_id' => $this->hall->ranks()->value('id'),
            'flags' => [],
        ]);
    $this->actingAs($this->person($this->hall, Role::Assistant));
});

it('sets reps along time, those of one day side by side', function (): void {
    foreach (range(1, 4) as $number) {
        TimelineFixture::timelineRep($this->hall, $number);
    }
    TimelineFixture::timelineRep($this->hall, 5, ['rung' => 7, 'at' => '2026-11-19 08:00:00+00']);
    $timeline = TimelineFixture::timelineOf($this->hall, '2026-11-26 00:00:00');

    // Twenty-eight days from 29 October: the 19th lies at three quarters of 1,045.5, the 12th at half; seven bands of
    // 27.
    expect(array_map(static fn (array $mark): array => [$mark['x'], $mark['y']], $timeline->marks))
        ->toBe([[876.1, 5.0], [614.8, 113.0], [614.8, 121.5], [614.8, 130.0], [623.3, 113.0]])
        ->and($timeline->height)->toBe(207.0)
        ->and(array_column($timeline->months, 'name'))->toBe(['Nov']);
});

it('keeps within its edge what was tried many times on the last day', function (): void {
    foreach (range(1, 24) as $number) {
        TimelineFixture::timelineRep($this->hall, $number, ['at' => '2026-11-26 00:00:00+00']);
    }
    $marks = TimelineFixture::timelineOf($this->hall, '2026-11-26 00:00:00')->marks;

    // The day begins at 92 + 1,045.5. Eight columns, at the usual 8.5 from each other, would end at 1,197 of 1,180:
    // they end 4.25 before it.
    expect(array_values(array_unique(array_column($marks, 'x'))))
        ->toBe([1137.5, 1143.0, 1148.4, 1153.9, 1159.4, 1164.8, 1170.3, 1175.8])
        ->and($marks)->toHaveCount(24);
});

it('stretches over all it shows, and names the year where one begins', function (): void {
    TimelineFixture::timelineRep($this->hall, 1, ['at' => '2026-11-20 19:00:00+00']);
    TimelineFixture::timelineRep($this->hall, 2, ['at' => '2027-02-20 19:00:00+00']);
    $timeline = TimelineFixture::timelineOf($this->hall, '2027-02-21');

    expect(array_column($timeline->months, 'name'))->toBe(['Dec', 'Jan 2027', 'Feb'])
        ->and($timeline->marks[1]['x'])->toBe(92.0);
});

it('draws how it went', function (array $rep, string $shape, string $says): void {
    TimelineFixture::timelineRep($this->hall, 1, $rep);
    $mark = TimelineFixture::timelineOf($this->hall, '2026-11-26')->marks[0];

    expect($mark['shape'])->toBe($shape)
        ->and($mark['text'])->toBe('12 Nov 2026: Wrist held across, '.$says);
})->with([
    'clean' => [['outcome' => 'clean'], 'whole', 'rung 3, clean'],
    'scraped, with a mistake' => [
        ['outcome' => 'scraped', 'mistakes' => '["late step","soft grip"]'],
        'half',
        'rung 3, scraped (late step; soft grip)',
    ],
    'recovered' => [['outcome' => 'recovered'], 'half', 'rung 3, recovered'],
    'froze' => [['outcome' => 'froze'], 'none', 'rung 3, froze'],
    'stopped' => [['outcome' => 'stopped'], 'aside', 'rung 3, stopped'],
    'clean at home' => [['source' => 'home'], 'aside', 'rung 3, clean'],
]);

it('shows all of a student’s reps, a page at a time, or those of one attack', function (): void {
    foreach (range(1, 33) as $number) {
        TimelineFixture::timelineRep($this->hall, $number, [
            'at' => CarbonImmutable::parse('2026-10-01 19:00')->addDays($number),
        ]);
    }
    $hug = $this->hall->attacks()->where('code', 'hug')->firstOrFail();
    TimelineFixture::timelineRep($this->hall, 40, [
        'attack_id' => $hug->id,
        'at' => '2026-09-01 19:00:00+00',
        'outcome' => 'hit',
        'mistakes' => '["late step"]',
    ]);

    // What lies far below comes as a part of its own, with ways to the pages of the whole.
    $this->get("/people/{$this->bo->id}")->assertOk()
        ->assertSee('what 34 reps prove', false)
        ->assertSee("people/{$this->bo->id}/log\" hx-trigger=\"intersect once\"", false)
        ->assertDontSee('reps along time', false);
    $this->get("/people/{$this->bo->id}/log")->assertOk()
        ->assertSee('Page 1 of 2')
        ->assertSee("/people/{$this->bo->id}?page=2#timeline", false)
        ->assertSee('34 reps along time', false)
        ->assertSeeTextInOrder(['3 Nov,', '19:00'])
        ->assertDontSee('>1 Sep,', false)
        ->assertDontSee('<html', false);
    $this->travelTo('2027-01-02T12:00:00Z', fn () => $this->get("/people/{$this->bo->id}/log")->assertSeeTextInOrder([
        '3 Nov 2026,', '19:00',
    ]));
    $this->get("/people/{$this->bo->id}?page=1")->assertOk()
        ->assertSee('34 reps along time', false)
        ->assertDontSee('/log"', false);
    $this->get("/people/{$this->bo->id}?page=2")->assertOk()
        ->assertSeeTextInOrder(['1 Sep,', '19:00'])
        ->assertSee('late step');
    $this->get("/people/{$this->bo->id}?attack={$hug->id}")->assertOk()
        ->assertSee('1 rep along time', false)
        ->assertSeeTextInOrder(['1 Sep,', '19:00'])
        ->assertDontSee('Page 1')
        ->assertSee('what 34 reps prove', false);
    $this->get("/people/{$this->bo->id}?attack[]=x&page=-3")->assertOk();
});

it('draws a correction, and not what it corrects, which the table strikes out', function (): void {
    $wrong = TimelineFixture::timelineRep($this->hall, 1, ['outcome' => 'hit']);
    TimelineFixture::timelineRep($this->hall, 2, [
        'outcome' => 'clean',
        'replaces' => $wrong,
        'reason' => 'Wrong key.',
    ]);

    $this->get("/people/{$this->bo->id}/log")->assertOk()
        ->assertSee('1 rep along time', false)
        ->assertSee('<s>hit</s> corrected', false)
        ->assertSee(': Wrong key.')
        ->assertSee('<th scope="col">Correct</th>', false)
        ->assertSee('/correct"', false);
    // Whoever may not correct has no column for it.
    $student = $this->person($this->hall, Role::Student);
    $student->update(['student_id' => $this->bo->id]);
    $this->actingAs($student)
        ->get("/people/{$this->bo->id}/log")
        ->assertOk()
        ->assertSee(': Wrong key.')
        ->assertDontSee('<th scope="col">Correct</th>', false)
        ->assertDontSee('/correct"', false);
});

it('offers those attacks that were ever tried, and says of nobody’s reps that there are none', function (): void {
    $ada = $this->hall
        ->students()
        ->create([
            'code' => 'ada',
            'name' => 'Ada Sandpiper',
            'rank_id' => $this->hall->ranks()->value('id'),
            'flags' => [],
        ]);
    TimelineFixture::timelineRep($this->hall, 1, ['source' => 'home']);
    TimelineFixture::timelineRep($this->hall, 2, [
        'student_id' => $ada->id,
        'attack_id' => $this->hall->attacks()->where('code', 'hug')->value('id'),
    ]);

    $options = fn (int $student): array => preg_match_all(
        '/<option value="(\d+)"/',
        (string) $this->get("/people/{$student}/log")
            ->assertOk()
            ->getContent(),
        $found,
    ) > 0
        ? array_map(intval(...), $found[1])
        : [];
    expect($options($this->bo->id))->toBe([$this->hall->attacks()->where('code', 'wrist')->value('id')])
        ->and($options($ada->id))->toBe([$this->hall->attacks()->where('code', 'hug')->value('id')]);

    $cy = $this->hall
        ->students()
        ->create([
            'code' => 'cy',
            'name' => 'Cy Sandpiper',
            'rank_id' => $this->hall->ranks()->value('id'),
            'flags' => [],
        ]);
    $this->get("/people/{$cy->id}")->assertOk()
        ->assertSee('No rep is recorded yet.')
        ->assertDontSee('/log"', false);
});
