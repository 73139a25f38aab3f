<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

beforeEach(function (): void {
    $this->complaints();
});

it('types an answer and sees it move', function (): void {
    $this->signIn('instructor@cinder-quay.example')
        ->visit('/attacks/15/answers/create')
        ->see('It moves as soon as the first beat can be read.');
    $this->fill('beats', "left hand clamp wrist\nright palm chin -> rocked")
        ->see('No mistakes in the writing: 2 beats')
        ->waitFor('[data-stage]');
    expect($this->floor())->toBe(['0', '0', '0']);

    // Arrow keys and the slider walk the beats; drawing and words go together.
    $this->floorKey(WebDriverKeys::ARROW_RIGHT);
    expect($this->floor())->toBe(['1', '1', '1']);
    $this->floorKey(WebDriverKeys::END);
    expect($this->floor())->toBe(['2', '2', '2']);
    $this->see('right hand palm chin: ');

    // What is typed is drawn at once, and the cursor stays where it is.
    $text = $this->find('#beats');
    $this->browser->executeScript(
        'const t = document.getElementById("beats"); t.focus(); t.setSelectionRange(t.value.length, t.value.length)',
    );
    $text->sendKeys("\nleave 6");
    $this->see('No mistakes in the writing: 3 beats')->waitFor('[data-frame="3"]');
    expect($this->browser->executeScript('const t = document.activeElement; return [t.id, t.selectionStart]'))
        ->toBe(['beats', strlen("left hand clamp wrist\nright palm chin -> rocked\nleave 6")])
        ->and($this->floor())->toBe(['2', '2', '2']);

    // A slip keeps the floor as it was.
    $text->sendKeys("\nrigth palm chin");
    $this->see('One place cannot be read');
    expect($this->floor())->toBe(['2', '2', '2']);
    expect($this->complaints())->toBe([]);
});

it('mends with a press, and takes it back', function (): void {
    $this->signIn('instructor@cinder-quay.example')->visit('/attacks/50/answers/create');
    $this->fill('beats', 'leave 6')->see('backward without a look')->waitFor('.finding-list [data-jump="1"]');
    $this->browser->findElement(WebDriverBy::cssSelector('.finding-list [data-jump="1"]'))->click();
    expect($this->floor()[0])->toBe('1');
    $this->press('Add “look”')->see('No finding for these bodies.');
    expect($this->find('#beats')->getAttribute('value'))->toBe('leave 6, look');

    $this->press('Undo')->see('backward without a look');
    expect($this->find('#beats')->getAttribute('value'))->toBe('leave 6');
    $this->press('Redo')->see('No finding for these bodies');
    $this->find('#beats')->sendKeys(WebDriverKeys::CONTROL.'z');
    $this->see('backward without a look');
    expect($this->find('#beats')->getAttribute('value'))->toBe('leave 6');
});

it('completes words from the keyboard', function (): void {
    $this->signIn('instructor@cinder-quay.example')->visit('/attacks/15/answers/create');
    $this->find('#beats')->sendKeys('left fo');
    $this->waitFor('.bench-words button');
    $this->find('#beats')->sendKeys(WebDriverKeys::TAB);
    expect($this->find('#beats')->getAttribute('value'))->toBe('left foot ')
        ->and($this->browser->executeScript('return document.activeElement.id'))->toBe('beats');
    $this->find('#beats')->sendKeys('sol');
    $this->waitFor('.bench-words button');
    $this->find('#beats')->sendKeys(WebDriverKeys::ESCAPE);
    expect($this->browser->executeScript('return document.querySelectorAll(".bench-words button").length'))->toBe(0);
    $this->find('#beats')->sendKeys(WebDriverKeys::TAB);
    expect($this->browser->executeScript('return document.activeElement.id'))->not->toBe('beats');
});

it('opens a what-if as a side track', function (): void {
    $this->signIn('instructor@cinder-quay.example')->visit('/attacks/10/answers/create');
    $this->fill(
        'beats',
        "left hand clamp wrist\nright knee groin -> folded\n  if not:\n    left elbow chin -> rocked\n    look\nleave 6",
    )
        ->see('No mistakes in the writing')
        ->waitFor('[data-frame="2.2"]');
    $this->floorKey(WebDriverKeys::ARROW_RIGHT.WebDriverKeys::ARROW_RIGHT);
    $this->press('if not …');
    expect($this->floor()[0])->toBe('2.1');
    $this->floorKey(WebDriverKeys::ARROW_RIGHT);
    expect($this->floor()[0])->toBe('2.2');
    $this->floorKey(WebDriverKeys::ARROW_RIGHT);
    expect($this->floor()[0])->toBe('2.2');
    $this->press('back to the main line');
    expect($this->floor()[0])->toBe('2');
    $this->floorKey(WebDriverKeys::ARROW_RIGHT);
    expect($this->floor()[0])->toBe('3');
});

it('looks at it for other bodies, mirrored, and in degrees, without leaving it', function (): void {
    $this->signIn('instructor@cinder-quay.example')->visit('/attacks/15/answers/create');
    $this->fill('beats', 'right palm chin')->see('No mistakes in the writing')->waitFor('[data-frame="1"]');
    $this->floorKey(WebDriverKeys::ARROW_RIGHT);
    $medium = $this->find('[data-beat="1"]')->getText();

    $this->browser->executeScript(
        'const s = document.querySelector("[data-size-attacker]"); s.value = "large"; s.dispatchEvent(new Event("change", {bubbles: true}))',
    );
    $this->rest()->until(fn (): bool => $this->find('[data-beat="1"]')->getText() !== $medium);
    $large = $this->find('[data-beat="1"]')->getText();
    expect($this->floor()[0])->toBe('1');

    $this->press('⇄');
    $this->rest()->until(fn (): bool => $this->find('[data-beat="1"]')->getText() !== $large);
    expect(
        $this->browser->executeScript(
            'return [document.querySelector("[data-size-you]").value, document.querySelector("[data-size-attacker]").value]',
        ),
    )->toBe(['large', 'medium']);

    $this->browser->executeScript(
        'const s = document.querySelector("[name=style]"); s.value = "degrees"; s.dispatchEvent(new Event("change", {bubbles: true}))',
    );
    $this->until(
        fn (): bool => str_contains(
            (string) $this->browser->executeScript('return document.querySelector("svg.floor-drawing").textContent'),
            '270°',
        ),
    );
    $this->find('[name=side]')->click();
    $this->see('left hand palm chin');

    // Layers come and go without asking the server.
    expect(
        $this->browser->executeScript('return document.querySelector(".layer-reach").classList.contains("off")'),
    )->toBeTrue();
    $this->find('[data-layer=reach]')->click();
    expect(
        $this->browser->executeScript('return document.querySelector(".layer-reach").classList.contains("off")'),
    )->toBeFalse();
});

it('plays at the pace of the rung', function (): void {
    $this->signIn('assistant@cinder-quay.example')->visit('/answers/1')->waitFor('[data-stage]');
    $this->floorKey(' ');
    $this->until(fn (): bool => $this->floor()[0] === '3');
    $this->see('Play');
    expect(
        array_map(
            floatval(...),
            (array) $this->browser->executeScript(
                'return [...document.querySelectorAll("[data-beat][data-track=\'\']")].map(b => b.dataset.time)',
            ),
        ),
    )->toBe([0.0, 0.35, 0.7, 1.7]);
});

it('offers the best first steps at a press on the floor, and takes one', function (): void {
    $this->signIn('instructor@cinder-quay.example')->visit('/attacks/35/answers/create');
    $this->fill('beats', 'leave 6')->waitFor('[data-stage]');
    $this->find('[data-stage]')->click();
    $this->see('Best first steps')->waitFor('[data-first]');
    $first = $this->find('[data-first]')->getAttribute('data-first');
    $this->find('[data-first]')->click();
    $this->see('No mistakes in the writing: 2 beats');
    expect($this->find('#beats')->getAttribute('value'))->toBe($first."\nleave 6");
});

it('says an attack in one line, and the fields agree', function (): void {
    $this->signIn('instructor@cinder-quay.example')->visit('/attacks/create');
    $this->fill('line', 'right cross wrist grab from 2, thumb up, pulling, off-guard')->see('Understood:');
    $this->waitFor('#kind option[value="wrist-cross"][selected]');
    expect(
        $this->browser->executeScript(
            'return ["hand", "bearing", "thumb", "phase", "notice", "intent"].map(id => document.getElementById(id).value)',
        ),
    )->toBe(['right', '2', 'up', 'moving', 'off-guard', 'move']);

    $this->choose('thumb', 'down');
    $this->until(
        fn (): bool => $this->find('#line')->getAttribute('value')
            === 'right wrist hold, across, from 2, thumb down, moving, off-guard, to move',
    );
    expect($this->complaints())->toBe([]);
});

it('keeps an answer’s history in reach', function (): void {
    $this->signIn('instructor@cinder-quay.example')
        ->visit('/answers/4')
        ->press('Edit')
        ->see('No mistakes in the writing');
    $this->fill('beats', "left foot step 7:30, both hands guard\nleave 6, look")
        ->see('No mistakes in the writing: 2 beats')
        ->press('Save')
        // One of its usual mistakes was made in the third beat.
        ->see('Mistake on line 3: after “|” write the number of a beat from 1 to 2')
        ->fill('mistakes', 'hands down while talking')
        ->press('Save')
        ->see('is saved.')
        ->see('Changed by');
    $this->find('.history details summary')->click();
    $this->see('− leave 6   # before it is a fight');
    $this->press('Restore this version')->see('is restored as the newest one.');
});

it('closes a hole by a move that was looked at first, and takes it back', function (): void {
    $this->signIn('head@cinder-quay.example')->see('weak spots ·');
    $holes = $this->find('#holes-title')->getText();
    $this->find('#holes a[href*="move=mirror"]')->click();
    $this->see('What the ranks would learn')
        ->see('Closes')
        ->press('Save')
        ->see('is changed, and the hole is closed.')
        ->see('weak spots ·');
    expect($this->find('#holes-title')->getText())->not->toBe($holes);
    $this->press('Undo')->see('is restored as the newest one.')->press('Wall');
    $this->until(fn (): bool => $this->find('#holes-title')->getText() === $holes);
    expect($this->complaints())->toBe([]);
});

it('slides to a share, and says the least that reaches it', function (): void {
    $this->signIn('head@cinder-quay.example')->press('Fewest answers')->see('90 % by');
    $this->find('#share')->sendKeys(str_repeat(WebDriverKeys::ARROW_LEFT, 8));
    $this->see('50 % by');
    $this->choose('rank', 'slate')->see('50 % by Slate');
    expect($this->browser->getCurrentURL())->toContain('rank=slate')
        ->toContain('share=50')
        ->and(
            $this->browser->executeScript(
                'return Number(document.querySelector("#fewest tbody tr:last-child meter").value)',
            ),
        )
        ->toBeGreaterThanOrEqual(0.5)
        ->and($this->complaints())->toBe([]);
});

it('is used by keyboard alone, from the title to saving', function (): void {
    $this->signIn('instructor@cinder-quay.example')->visit('/attacks/16/answers/create');
    $this->browser->executeScript('document.getElementById("title").focus()');
    $keys = fn (string ...$keys) => $this->browser->switchTo()->activeElement()->sendKeys($keys);
    $keys('Boathook', WebDriverKeys::TAB, WebDriverKeys::TAB, WebDriverKeys::TAB);
    expect($this->browser->switchTo()->activeElement()->getText())->toBe('Undo');
    $keys(WebDriverKeys::TAB);
    $keys(WebDriverKeys::TAB);
    expect($this->browser->executeScript('return document.activeElement.id'))->toBe('beats');
    $keys('left foot step 9, right hand guard'.WebDriverKeys::ENTER.'leave 9, look');
    $this->see('No mistakes in the writing: 2 beats')->rest();
    $keys(WebDriverKeys::ESCAPE);
    $this->browser->executeScript('document.querySelector("[data-stage]").focus()');
    $keys(WebDriverKeys::ARROW_RIGHT);
    expect($this->floor()[0])->toBe('1');
    $this->browser->executeScript('document.querySelector("form button.btn-rust").focus()');
    $keys(WebDriverKeys::ENTER);
    $this->see('“Boathook” is saved.');
});

it('prints a sheet without what is only for the screen', function (): void {
    $this->signIn('assistant@cinder-quay.example')
        ->visit('/answers/11')
        ->press('Print')
        ->see('Print “Long gate”')
        ->press('Letter')
        ->see('It fits on one page of Letter');
    $hidden = $this->browser->executeScript(
        'return [...document.styleSheets].flatMap(s => [...s.cssRules]).filter(r => r.media && r.media.mediaText === "print").flatMap(r => [...r.cssRules]).map(r => r.selectorText).join(" ")',
    );
    expect($hidden)->toContain('.no-print')
        ->toContain('.deskbar')
        // The start and four beats, each from above and from the side.
        ->and(
            $this->browser->executeScript(
                'return [document.querySelectorAll(".sheet figure svg").length, document.querySelectorAll(".sheet figure .side-drawing").length]',
            ),
        )
        ->toBe([10, 5]);
});
