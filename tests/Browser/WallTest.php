<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The stone of an attack's written side in a course, from 0. */
const STONE = '[data-stone][aria-label^="%s"][data-course="%d"]';

it('carries a stone to another course, shows what would follow, does it and takes it back', function (): void {
    $this->signIn('head@cinder-quay.example')->see('The wall')->see('Worked out from what stands here now');
    $holes = (int) $this->find('#holes-title')->getText();
    $stone = $this->waitFor(sprintf(STONE, 'Handshake that does not let go, as written', 1));
    $course = $this->waitFor('[data-rank="slate"]');
    $this->browser->action()->clickAndHold($stone)->moveByOffset(0, -20)->perform();
    $this->see('Let it go here to see what follows');
    $this->browser->action()->moveToElement($course, 0, 0)->release()->perform();
    $this->until(fn (): bool => str_contains($this->path(), '/rank'));

    // Nothing is saved: it says what would change.
    $this->see('It is introduced at Flint now')->see('was laid, and is not now')->see('The wall, as it would be')->see('late')->see('What it asks of the ranks');
    $this->press('Teach it at Slate')->see('is introduced at Slate now')->see(($holes + 2).' holes');
    $this->press('Undo')->see('is back, as the newest one');
    $this->press('Wall')->see($holes.' holes');
    expect($this->complaints())->toBe([]);
});

it('does the same by keyboard, and a plain press still opens', function (): void {
    $this->signIn('head@cinder-quay.example')->see('The wall');
    $stone = $this->waitFor(sprintf(STONE, 'Throat held with both hands', 1));
    $this->browser->executeScript('arguments[0].focus()', [$stone]);
    $stone->sendKeys([WebDriverKeys::SHIFT, WebDriverKeys::ARROW_UP]);
    $this->see('Teach “Collar tuck” at another rank')->see('Teach it at Slate');
    $this->browser->executeScript('document.getElementById("to").value = "gravel"');
    $this->press('See what follows')->see('Teach it at Gravel');
    $this->press('Leave it at Flint')->see('The wall');

    $this->waitFor(sprintf(STONE, 'Throat held with both hands', 1))->click();
    $this->until(fn (): bool => str_starts_with($this->path(), '/attacks/'));
});

it('narrows to a family and to her wall, and goes back', function (): void {
    $this->signIn('assistant@cinder-quay.example')->see('The wall');
    $this->waitFor('a.family[aria-label="Kicks alone"]')->click();
    $this->see('family kick');
    expect($this->browser->findElements(WebDriverBy::cssSelector('.column-name')))->toHaveCount(2);
    $this->find('details.narrow-wall summary')->click();
    $this->choose('narrow-student', (string) $this->browser->executeScript('return [...document.querySelectorAll("#narrow-student option")].find(o => o.text === "Esme Windlass").value'));
    $this->press('Show')->see('moss of Esme Windlass')->see('Esme Windlass’s lower bound');
    $this->find('details.narrow-wall summary')->click();
    $this->press('The whole wall')->see('Takedowns');
    // An assistant reads: no stone can be carried.
    expect($this->said())->not->toContain('Drag a laid stone');
});

it('leads from a cross-table to the wall, and from a pair that is missing to its attack', function (): void {
    $this->signIn('head@cinder-quay.example')->visit('/wall/cross');
    $this->choose('down', 'place');
    $this->press('Count')->see('The wall by place and family');
    $this->waitFor('a.tally[href*="place=narrow"]')->click();
    $this->see('place narrow');
    $this->visit('/wall/cross')->waitFor('.pairs-table a')->click();
    $this->see('Catalogue an attack');
    expect($this->find('#entry')->getDomProperty('value'))->toBe('step')->and($this->find('#others')->getDomProperty('value'))->toBe('second');
});

it('makes a drill list that meets every pair', function (): void {
    $this->signIn('assistant@cinder-quay.example')->visit('/drill-lists')->see('Tonight: the gangway');
    $this->press('Make a list')->see('attacks meet');
    $this->find('input[value="kick"]')->click();
    $this->fill('forbid', 'hand left, bearing 11')->press('Work it out')->see('6 attacks meet');
    $before = $this->browser->findElements(WebDriverBy::cssSelector('#rows tbody tr'));
    $this->fill('name', 'Kicks on Monday')->press('Save the list')->see('“Kicks on Monday” is saved.');
    expect($this->browser->findElements(WebDriverBy::cssSelector('tbody tr')))->toHaveCount(count($before));
    $this->press('Delete');
    $this->press('Yes, do it')->see('“Kicks on Monday” is deleted.');
});
