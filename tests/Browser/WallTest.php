<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** The stone of an attack's written side in a course, from 0. */
const STONE = '[data-stone][aria-label^="%s"][data-course="%d"]';

it('carries a stone to another course, shows what would follow, does it and takes it back', function (): void {
    $this->signIn('head@cinder-quay.example')->see('The wall')->see('weak spots');
    $holes = (int) $this->find('#holes-title')->getText();
    $stone = $this->waitFor(sprintf(STONE, 'Handshake that does not let go, as written', 1));
    $course = $this->waitFor('[data-rank="slate"]');
    $this->browser
        ->action()
        ->clickAndHold($stone)
        ->moveByOffset(0, -20)
        ->perform();
    $this->see('Let it go here to preview it at');
    $this->browser->action()->moveToElement($course, 0, 0)->release()->perform();
    $this->until(fn (): bool => str_contains($this->path(), '/placement'));

    // Nothing is saved: it says what would change.
    $this->see('It is introduced at Flint now')
        ->see('no longer laid')
        ->see('Preview of the wall')
        ->see('late')
        ->see('What the ranks would learn');
    $this->press('Teach it at Slate')
        ->see('is now introduced at Slate')
        ->see($holes + 2 .' holes');
    $this->press('Undo')->see('is restored as the newest one');
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
    $this->press('Preview')->see('Teach it at Gravel');
    $this->press('Cancel')->see('The wall');

    $this->waitFor(sprintf(STONE, 'Throat held with both hands', 1))->click();
    $this->until(fn (): bool => str_starts_with($this->path(), '/attacks/'));
});

it('narrows to a family and to the student’s wall, and goes back', function (): void {
    $this->signIn('assistant@cinder-quay.example')->see('The wall');
    $this->waitFor('a.family[aria-label="Show only Kicks"]')->click();
    $this->see('family kick');
    expect($this->browser->findElements(WebDriverBy::cssSelector('.column-name')))->toHaveCount(2);
    $this->find('details.narrow-wall summary')->click();
    $this->choose(
        'narrow-student',
        (string) $this->browser->executeScript(
            'return [...document.querySelectorAll("#narrow-student option")].find(o => o.text === "Esme Windlass").value',
        ),
    );
    $this->press('Show')->see('proof of Esme Windlass')->see('lower bound of Esme Windlass');
    $this->find('details.narrow-wall summary')->click();
    $this->press('Show everything')->see('Takedowns');
    // An assistant reads: no stone can be carried.
    expect($this->said())->not->toContain('Drag a laid stone');
});

it('leads from a cross-table to the wall, and from a pair that is missing to its attack', function (): void {
    $this->signIn('head@cinder-quay.example')->visit('/wall/cross');
    $this->choose('down', 'place');
    $this->press('Show')->see('The wall by place and family');
    $this->waitFor('a.tally[href*="place=narrow"]')->click();
    $this->see('place narrow');
    $this->visit('/wall/cross')->waitFor('.pairs-table a')->click();
    $this->see('Add an attack');
    expect($this->find('#entry')->getDomProperty('value'))->toBe('step')
        ->and($this->find('#others')->getDomProperty('value'))->toBe('second');
});

it('makes a drill list that meets every pair', function (): void {
    $this->signIn('assistant@cinder-quay.example')->visit('/drill-lists')->see('Tonight: the gangway');
    $this->press('Make a drill list')->see('attacks meet');
    $this->find('input[value="kick"]')->click();
    $this->fill('forbid', 'hand left, bearing 11')->press('Make the list')->see('6 attacks meet');
    $before = $this->browser->findElements(WebDriverBy::cssSelector('#rows tbody tr'));
    $this->fill('name', 'Kicks on Monday')->press('Save')->see('“Kicks on Monday” is saved.');
    expect($this->browser->findElements(WebDriverBy::cssSelector('tbody tr')))->toHaveCount(count($before));
    $this->press('Delete');
    $this->press('Yes')->see('“Kicks on Monday” is deleted.');
});

it('opens what stands behind a sign of the board, and narrows the wall from the rose', function (): void {
    $this->signIn('head@cinder-quay.example')->visit('/board')->waitFor('[data-board]');
    // The third place of the first line is that of the third student.
    $line = $this->find('[data-board] svg[data-attack]');
    $wide = $line->getSize()->getWidth();
    $this->browser->executeScript('arguments[0].scrollIntoView({block: "center"})', [$line]);
    $this->browser->action()->moveToElement($line, (int) (2 * 24 + 12 - $wide / 2), 0)->click()->perform();
    $this->until(fn (): bool => str_starts_with($this->path(), '/people/'));
    expect($this->browser->getCurrentURL())->toContain('attack=')->toContain('#timeline');

    $this->visit('/wall/rose')->waitFor('.rose-drawing');
    $this->browser->findElement(WebDriverBy::cssSelector('.rose-drawing a'))->sendKeys(WebDriverKeys::ENTER);
    $this->until(fn (): bool => $this->path() === '/wall');
    $this->see('family');
    expect($this->complaints())->toBe([]);
});

it('leads from a weak spot to the answer at fault, and shows it against another attack that it answers', function (): void {
    $this->signIn('head@cinder-quay.example')->see('The wall')->see('weak spots');
    // Two bodies are chosen for what fails between them.
    $this->press('mend beat 3 of “Keel drop”')->see('Edit “Keel drop”');
    expect($this->path())->toContain('/edit')
        ->and($this->find('[name=defender]')->getAttribute('value'))->toBe('small')
        ->and($this->find('[name=attacker]')->getAttribute('value'))->toBe('large');

    // The attack that it was not written for says what it lacks, and shows it there.
    $this->press('Attacks')->press('Bear hug from behind on the gangway');
    $this->see('What it lacks')->see('add “if not” to beat 3 of “Keel drop”');
    $this->press('Keel drop')->see('Attacks it answers');
    $this->see('The floor shows it against “Bear hug from behind on the gangway”');
    // Other bodies are tried against the same attack.
    $before = $this->find('#floor-here')->getText();
    $this->find('[name=attacker] option[value=large]')->click();
    $this->until(fn (): bool => $this->find('#floor-here')->getText() !== $before);
    $this->see('The floor shows it against “Bear hug from behind on the gangway”');
    $this->press('Back to “Bear hug from behind, arms pinned”');
    $this->until(fn (): bool => ! str_contains($this->said(), 'The floor shows it against'));
    expect($this->complaints())->toBe([]);
});
