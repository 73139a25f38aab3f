<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

it('walks from a hole to a proven answer', function (): void {
    $this->signIn('head@cinder-quay.example')
        ->see('The wall')
        ->see('29 holes')
        ->see('weak spots')
        ->see('“Arm laid over the shoulders” (as written) is needed by Flint, and no answer that works meets it.');

    // The heaviest open hole leads to an empty answer.
    $this->browser
        ->findElement(
            WebDriverBy::xpath(
                '//*[starts-with(@id, "hole-")][contains(., "“Arm laid over the shoulders” (as written)")]//a[contains(@href, "answers/create")]',
            ),
        )
        ->click();
    $this->see('An answer to “Arm laid over the shoulders”');

    // A slip is found while typing, at its place, and Enter on it puts the cursor there.
    $this->fill('title', 'Lifted oar')->fill('beats', "right foot step 6, left hand cover\nrigth palm chin -> rocked");
    $this->see('One place cannot be read')->see('Did you mean right?');
    expect($this->waitFor('#marks mark')->getDomProperty('textContent'))->toBe('rigth');
    $this->press('Line 2, column 1');
    expect($this->browser->executeScript('const t = document.activeElement; return [t.id, t.selectionStart]'))->toBe([
        'beats',
        35,
    ]);

    // Refused as long as it cannot be read; nothing typed is lost.
    $this->press('Save')->see('Not saved.');
    expect($this->find('#title')->getAttribute('value'))->toBe('Lifted oar');
    $this->fill(
        'beats',
        "right foot step 6, left hand cover\nright palm chin -> released\n  if not: left knee groin -> folded\nleave 3",
    )->see('No mistakes in the writing: 3 beats, 4 actions.');
    $this->find('#mirrored')->click();
    $this->press('Save')
        ->see('“Lifted oar” is saved. The wall is up to date.')
        ->see('right foot step 6, left hand cover')
        ->see('left foot step 6, right hand cover');

    // The wall has two holes fewer.
    $this->press('Wall')->see('27 holes');
    expect($this->said())->not->toContain('“Arm laid over the shoulders” (as written) is needed by');

    // Three reps under pressure, three touches each.
    foreach (['Recorded', 'Recorded', 'Recorded'] as $said) {
        $this->visit('/record')
            ->press('Esme Windlass')
            ->see('against what?')
            ->press('Arm laid over the shoulders')
            ->see('Clean')
            ->press('Clean')
            ->see($said.': Esme Windlass, Arm laid over the shoulders, rung 3, clean.');
    }

    // The proof: held at the goal rung, by the figures worked out for three fresh clean reps.
    $this->press('Ladder')->see('Esme Windlass');
    $this->find('details summary[data-key="t"]')->click();
    $this->see('Lower bound');
    $row = $this->browser
        ->findElement(WebDriverBy::xpath('//tr[th[normalize-space()="Arm laid over the shoulders"]]'))
        ->getText();
    expect($row)->toContain('holds 0.66 3');

    // A rep recorded wrongly is corrected, and both stay to be seen. What was tried comes as soon as somebody scrolls
    // there.
    expect($this->browser->findElements(WebDriverBy::cssSelector('svg.timeline')))->toBe([]);
    $this->seeLog();
    $this->press('Correct')
        ->see('The correction replaces it')
        ->fill('reason', 'it was the other one')
        ->press('Hit')
        ->see('hit.')
        ->press('Ladder')
        ->seeLog()
        ->see('clean corrected')
        ->see('a correction by Maren Tolliver');
    expect($this->complaints())->toBe([]);
});

it('catalogues an attack whose facets narrow as it is named', function (): void {
    $this->signIn('instructor@cinder-quay.example')->visit('/attacks/create')->see('Add an attack');
    $this->choose('kind', 'hug-behind-pinned');
    $this->waitFor('#hand option[value="both"]:first-child');
    $hands = $this->browser->executeScript('return [...document.querySelectorAll("#hand option")].map(o => o.value)');
    expect($hands)->toBe(['both'])
        ->and($this->find('#notice option')->getAttribute('value'))->toBe('off-guard');

    $this->choose('kind', 'swing');
    $this->waitFor('#entry option[value="through"]');
    $this->choose('hand', 'left');
    $this->waitFor('#hand option[value="left"][selected]');
    $this->fill('title', 'Swing on the quay')
        ->press('Save')
        ->see('“Swing on the quay” is in the catalogue.')
        ->see('no answer');

    // Deleting asks first; keeping keeps.
    $this->press('Delete')->waitFor('dialog[open]');
    $this->press('Cancel');
    expect($this->path())->toStartWith('/attacks/');
    $this->press('Delete')->waitFor('dialog[open]');
    $this->press('Yes')->see('“Swing on the quay” is deleted.');
    expect($this->complaints())->toBe([]);
});

it('tells what a stone is to whoever comes to it by key', function (): void {
    $this->signIn('assistant@cinder-quay.example')->waitFor('[data-stone][tabindex="0"]');
    $this->browser->executeScript('document.querySelector(\'[data-stone][tabindex="0"]\').focus()');
    $this->see('at Gravel: first answered here');
    $this->key(WebDriverKeys::ARROW_UP);
    $this->see('at Flint: known from a lower rank');
    $this->key(WebDriverKeys::ARROW_RIGHT);
    $this->see('mirrored at Flint');
    expect(
        $this->browser->executeScript('return document.querySelectorAll(\'[data-stone][tabindex="0"]\').length'),
    )->toBe(1);
    $this->key(WebDriverKeys::ENTER);
    $this->see('Exactly');
    expect($this->path())->toStartWith('/attacks/');
});

it('answers to single keys, but not while one types', function (): void {
    $this->signIn('head@cinder-quay.example');
    $this->key('?');
    $this->waitFor('#shortcuts[open]');
    $this->key(WebDriverKeys::ESCAPE);
    $this->key('t');
    $this->see('Works from');
    $this->key('a');
    $this->see('Find in titles, notes, kinds and directions');
    $this->key('/');
    expect($this->browser->executeScript('return document.activeElement.id'))->toBe('find');
    $this->find('#find')->sendKeys('swing?');
    expect($this->find('#find')->getAttribute('value'))->toBe('swing?')
        ->and($this->browser->executeScript('return document.querySelector("dialog[open]")'))->toBeNull();
});

it('skips to the content', function (): void {
    $this->signIn('head@cinder-quay.example');
    $this->key(WebDriverKeys::TAB);
    expect($this->browser->switchTo()->activeElement()->getText())->toBe('Skip to the content');
});

it('leads an empty school to its first answer', function (): void {
    $this->signIn('head@lantern-pier.example')->see('No rank yet')->press('See the starters')->press('Leave at once');
    $this->see('Your school has no ranks yet. The starter brings its own.')->press('Back');
    $this->press('Wall')->press('Add ranks')->see('Ranks, lowest first');
    $this->fill('name', 'Keel')->press('Add rank')->see('“Keel” is now the highest rank.');
    $this->press('Wall')->see('No attack yet')->press('Add an attack');
    $this->fill('title', 'Wrist held on the stairs')
        ->press('Save')
        ->see('Now write an answer to it.')
        ->press('Write an answer');
    $this->fill('title', 'Handrail')
        ->fill('beats', "LF step 9, RH strip toward thumb\nleave 6")
        ->see('No mistakes in the writing')
        ->press('Save')
        ->see('“Handrail” is saved.');
    $this->press('Wall')->see('1 hole')->see('only its other side is taught');
    $this->press('People')
        ->press('Add a student')
        ->fill('name', 'Bo Heron')
        ->press('Save')
        ->see('Record a rep to start the ladder.');
});

it('brings a catalogue file in, after showing what it would do', function (): void {
    $file = dirname(__DIR__).'/fixtures/small.yaml';
    $this->signIn('head@lantern-pier.example')->visit('/school');
    $this->find('#catalogue')->sendKeys($file);
    $this->press('Preview')
        ->see('This is what the file would do')
        ->press('Import')
        ->see('The catalogue file is imported.')
        ->see('Hug from behind');
});

it('tells the second of two people who save the same answer', function (): void {
    $this->signIn('head@cinder-quay.example')->visit('/answers')->press('Fender');
    $this->press('Edit')->see('Edit “Fender”');
    $edit = $this->path();
    $mine = $this->browser->getWindowHandle();
    $this->browser->switchTo()->newWindow();
    $this->visit($edit)->fill('label', '55')->press('Save')->see('“Fender” is saved.');
    $this->browser->close();
    $this->browser->switchTo()->window($mine);
    $this->fill('beats', 'leave 6')
        ->see('1 beat')
        ->press('Save')
        ->see('saved this at')
        ->see('Nothing of yours is lost');
    expect($this->find('#beats')->getAttribute('value'))->toBe('leave 6')
        ->and($this->find('#theirs')->getText())->toContain('left foot step 10:30');
});

it('says when it cannot check, and keeps what was typed', function (): void {
    $this->signIn('head@cinder-quay.example')->visit('/answers')->press('Capstan');
    $this->press('Edit')->see('No mistakes in the writing');
    $this->browser->manage()->deleteCookieNamed('stone_drill_session');
    $this->fill('beats', 'leave 9')->see('Not checked.');
    expect($this->find('#beats')->getAttribute('value'))->toBe('leave 9');
    $this->complaints();
});

it('shows students what is theirs and nothing else, and counts aloud what they practise at home', function (): void {
    $this->signIn('student@cinder-quay.example')->see('Orla Tidewell')->see('Drill next');
    expect(preg_replace('/\s+/', ' ', $this->browser->findElement(WebDriverBy::tagName('nav'))->getText()))->toBe(
        'My page My ladder At home',
    );
    $this->press('My ladder')->see('The ladder as a table')->press('At home')->see('Watch for:');
    // The first beat is read while it is counted, and the last one ends it.
    $this->browser->executeScript(
        'document.querySelectorAll("[data-seconds]").forEach(beat => { beat.dataset.seconds = "0.05"; })',
    );
    $this->press('Count it aloud')->waitFor('.home-beats li[aria-current]');
    $this->until(
        fn (): bool => $this->browser->executeScript('return document.querySelector("[aria-current]:not(a)") === null'),
    );
    $this->press('I did it')->see('It shows in the log, and proves nothing.')->see('1 × this week');
    $this->visit('/wall')->see('You may not open this page');
});

it('fits the mat on a tablet and on a phone', function (int $width, int $height): void {
    $this->signIn('assistant@cinder-quay.example');
    $this->resize($width, $height);
    foreach (['/record', '/record/1', '/record/1/1/written'] as $path) {
        $this->visit($path)->waitFor('h1');
        $small = $this->browser->executeScript(
            'return [...document.querySelectorAll("main a, main button, main label, main summary")].filter(e => e.offsetParent && e.getBoundingClientRect().height < 56).map(e => e.outerHTML.slice(0, 80))',
        );
        expect($small)->toBe([], $path)
            ->and($this->browser->executeScript('return document.documentElement.scrollWidth'))
            ->toBeLessThanOrEqual($width);
    }
})->with([[820, 1180], [390, 844], [1280, 800]]);
