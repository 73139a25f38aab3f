<?php

declare(strict_types=1);

use StoneDrill\Core\Curriculum\TestStandard;
use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Proof\Window;
use StoneDrill\Core\Session\Season\Future;
use StoneDrill\Core\Session\Season\Learning;
use StoneDrill\Core\Session\Season\Outlook;
use StoneDrill\Core\Session\Season\SeasonClass;
use StoneDrill\Core\Session\Season\Way;
use Tests\Core\Session\SeasonFixture;

// One item, tried twice in each of seven classes: the test is passed where its one try is clean.
beforeEach(function (): void {
    $cell = SeasonFixture::cells(SeasonFixture::catalogue(1))[0];
    $key = $cell->key->text;
    $this->classes = SeasonFixture::classes(7, 0, 2);
    $this->day = $this->classes[6]->at + SeasonFixture::DAY;
    $future = new Future(Window::empty(), 3, SeasonFixture::now(), new Learning(), new ProofRules());
    $times = array_merge(
        ...array_map(static fn (SeasonClass $class): array => [$class->at, $class->at], $this->classes),
    );
    $this->chance = static fn (int $at): float => $future->chancesOn($times, $at)->full;
    $this->readyOn = fn (float $ready): ?int => (new Outlook([$key => $cell], SeasonFixture::now(), new TestStandard(
        ready: $ready,
    )))->of(SeasonFixture::candidate(), new Way([$key => $future], [$key => $times], []), $this->day, $this->classes)
        ->readyOn;
});

it('says after which class somebody is ready, whichever it is', function (int $place): void {
    [$before, $after] = [
        ($this->chance)($place === 0 ? SeasonFixture::now() : $this->classes[$place - 1]->at),
        ($this->chance)($this->classes[$place]->at),
    ];

    expect($after)->toBeGreaterThan($before)
        ->and(($this->readyOn)(($before + $after) / 2))->toBe($this->classes[$place]->at);
})->with([0, 1, 2, 3, 4, 5, 6]);

it('says who is ready now, and who is not on the day', function (): void {
    expect(($this->readyOn)(($this->chance)(SeasonFixture::now())))->toBe(SeasonFixture::now())
        ->and(($this->readyOn)(($this->chance)($this->day) + 0.01))->toBeNull();
});
