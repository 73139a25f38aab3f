<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;

it('tells what the reps teach, of everybody and of a group, and takes a figure over', function (): void {
    $this->signIn('head@cinder-quay.example')
        ->visit('/evidence')
        ->see('Along time')
        ->see('Who is ready for another rung')
        ->see('Who was attacked by whom');
    $tries = fn (): int => (int) $this->find('section[aria-labelledby=weeks] tbody tr:nth-child(3) td')->getText();
    $everybody = $tries();
    $this->choose('group', 'flint')
        ->press('Show')
        ->until(fn (): bool => str_contains($this->browser->getCurrentURL(), 'group=flint'));
    expect($tries())->toBeGreaterThan(0)->toBeLessThan($everybody);

    // What is newly held in a week comes with names when it is opened.
    $week = $this->find('section[aria-labelledby=weeks] tbody details');
    $count = (int) $week->findElement(WebDriverBy::tagName('summary'))->getText();
    $week->findElement(WebDriverBy::tagName('summary'))->click();
    $this->until(fn (): bool => substr_count($week->getText(), '→') === $count);

    $this->visit('/school/settings')->fill('reaction_base', '0.33');
    $this->find('#times form.slab .step-buttons button:not([name])')->click();
    $this->see('saved')->visit('/evidence')->see('In use: 0.33 and 0.15 s.');
    // Back, and it asks before.
    $this->visit('/school/settings');
    $this->find('#times form[data-confirm] button')->click();
    $this->waitFor('dialog[open] button[value=yes]')->click();
    $this->see('default');
    $this->visit('/evidence')->see('In use: 0.25 and 0.15 s.');
    expect($this->complaints())->toBe([]);
});

it('tells at the attack and on the wall too, and leads from the one to the other', function (): void {
    $this->signIn('head@cinder-quay.example')->visit('/evidence')->see('Where the floor and the mat disagree');
    $this->visit('/wall')->see('the floor and the mat disagree');
    expect(count($this->browser->findElements(WebDriverBy::cssSelector('svg.drawing text.dispute'))))->toBeGreaterThan(
        0,
    );
    $this->find('.legend a[href$="/evidence#disagree"]')->click();
    $this->until(fn (): bool => $this->path() === '/evidence');

    $this->visit('/attacks/1')->see('How the answers hold up')->see('eight in ten');
    expect($this->complaints())->toBe([]);
});

it('says on the board and in the plan of a class who is ready for another rung', function (): void {
    $this->signIn('assistant@cinder-quay.example')->visit('/board')->see('ready for more');
    $this->find('.board-people a[href$="#moves"]')->click();
    $this->until(fn (): bool => str_starts_with($this->path(), '/people/'))->see('Ready for more');
    $this->visit('/classes/1')->see('For another rung')->see('never tried at');
    expect($this->complaints())->toBe([]);
});
