<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\DrivesMat;
use Tests\Browser\OwnServer;

// Each test drills somebody else, so that what one records does not count for another.
uses(DrivesMat::class);

afterEach(fn () => $this->forgetDevice());

it('calls, takes the outcome by touch and by key, says more of it, takes back, and keeps it all', function (): void {
    $this->signIn('assistant@cinder-quay.example');
    $this->setUpDrill(['Hester Lowtide', 'Magnus Kelpworth'], 3, ['each' => '2']);
    $this->see('Drawn from')->see('bits; reacts in 0.00 s');
    $this->press('Start the drill')->see('Hester Lowtide')->see('attacked by Magnus Kelpworth')->see('0 of 4');
    $this->callIt()->see('NOW');
    $this->browser->findElement(WebDriverBy::cssSelector('[data-outcome="scraped"]'))->click();
    $this->see('1 of 4')->see('attacked by Hester Lowtide')->see('1 rep is kept on this device until the next call.');
    $this->browser->findElement(WebDriverBy::cssSelector('[data-name="touched"][data-value="arm"]'))->click();
    expect($this->find('[data-name="touched"][data-value="arm"]')->getAttribute('aria-pressed'))->toBe('true');

    // Space calls, a letter records; u takes it back, and it is that one’s turn again.
    $body = $this->find('body');
    $body->sendKeys(' ');
    $this->see('All reps are in the log.')->see('NOW');
    $body->sendKeys('c');
    $this->see('2 of 4');
    $body->sendKeys('u');
    $this->see('1 of 4')->see('attacked by Hester Lowtide');
    $body->sendKeys(' ');
    $body->sendKeys('h');
    $this->see('2 of 4');

    // The stop word halts everything at once.
    $body->sendKeys(' ');
    $this->see('NOW');
    $body->sendKeys(WebDriverKeys::ESCAPE);
    $this->see('Stop. Everybody stands still.');
    $this->press('Go on')->see('Call it');
    $body->sendKeys(' ');
    $body->sendKeys('f');
    $body->sendKeys(' ');
    $body->sendKeys('c');
    $this->see('Done')->see('4 of 4')->see('All reps are in the log.');

    $this->visit('/people')->press('Hester Lowtide')->seeLog()->see('scraped, touched: arm')->see('froze');
    $this->visit('/people')->press('Magnus Kelpworth')->see('hit')->see('clean');
    expect($this->complaints())->toBe([]);
});

it('hides the attack and the moment where the rung says so, and shows it to the attacker', function (): void {
    $this->signIn('assistant@cinder-quay.example');
    $this->setUpDrill(['Ilsa Moorings', 'Ansel Draught'], 6);
    $this->see('Neither the attack nor the moment is told.');
    $this->press('Start the drill')->see('Attacker: hold to see');
    $title = $this->find('.attack-title');
    $cautions = $this->find('.cautions-said');
    expect($cautions->isDisplayed())->toBeFalse();
    expect($title->isDisplayed())->toBeFalse();
    $this->browser->action()->clickAndHold($this->find('.peek'))->perform();
    $this->until(fn (): bool => $title->isDisplayed());
    $this->browser->action()->release()->perform();
    $this->until(fn (): bool => ! $title->isDisplayed());
    $this->press('Start the wait')->see('Wait …');
    expect(
        $this->browser->findElements(WebDriverBy::cssSelector('[data-outcome="clean"]'))[0]->isDisplayed(),
    )->toBeFalse();
    // At the latest after nine seconds.
    $this->see('NOW');
    expect($title->isDisplayed())->toBeTrue();
});

it('loses nothing with the network cut, through a reload, and sends each rep once', function (): void {
    $server = new OwnServer();
    $this->base = $server->base();
    $this->signIn('assistant@cinder-quay.example');
    $before = $this->repsOf('Linnet Harbourne');
    $this->visit('/mat')->until($this->isKept(...));
    $server->stop();

    // Opened and set up with no network at all.
    $this->setUpDrill(['Linnet Harbourne'], 3, ['each' => '3']);
    $this->press('Start the drill')->see('attacked by the instructor');
    $this->callIt()->find('[data-outcome="clean"]')->click();
    $this->see('1 of 3')
        ->callIt()
        ->see('1 rep waits on this device: no network')
        ->find('[data-outcome="late"]')
        ->click();
    $this->see('2 of 3');

    // The page is closed in the middle: it goes on where it was, with the attack that was drawn, and still has both.
    $title = $this->find('.attack-title')->getText();
    $this->visit('/mat')->see('Linnet Harbourne')->see('2 of 3')->see('2 reps wait on this device: no network');
    expect($this->find('.attack-title')->getText())->toBe($title);
    $server->start();
    // The last one can still be taken back, the other one is sent.
    $this->see('1 rep is kept on this device until the next call.');
    $this->find('body')->sendKeys('u');
    $this->see('1 of 3')->see('All reps are in the log.');
    expect($this->find('.who-defends')->getText())->toBe('Linnet Harbourne');
    $this->callIt()->find('[data-outcome="late"]')->click();
    $this->see('2 of 3')->callIt()->find('[data-outcome="clean"]')->click();
    $this->see('Done')->see('All reps are in the log.');
    expect($this->repsOf('Linnet Harbourne'))->toBe($before + 3);
    $this->base = null;
});

it('goes on after somebody was signed out', function (): void {
    $this->signIn('assistant@cinder-quay.example');
    $this->setUpDrill(['Thora Beaconfield'], 3, ['each' => '2']);
    $this->press('Start the drill')->callIt();
    $this->browser->manage()->deleteAllCookies();
    $this->find('[data-outcome="froze"]')->click();
    // The session is over: the rep is kept, and nothing of anybody is shown or can be read.
    $this->see('Sign in to go on')->see('1 rep waits on this device: signed out.');
    expect($this->browser->getPageSource())->not->toContain('Thora')->not->toContain('Beaconfield');
    $this->visit('/mat')->see('Sign in');
    $this->signIn('instructor@cinder-quay.example')
        ->visit('/mat')
        ->see('Thora Beaconfield')
        ->see('1 of 2')
        ->callIt()
        ->see('All reps are in the log.');
    $this->visit('/people')->press('Thora Beaconfield')->seeLog()->see('froze');
});

it('leaves nothing of the school on the device of who signs out', function (): void {
    $server = new OwnServer();
    $this->base = $server->base();
    $this->signIn('assistant@cinder-quay.example');
    $shelf = fn (): mixed => $this->browser->executeAsyncScript(
        'const done = arguments[arguments.length - 1]; caches.keys().then(names => caches.open(names.find(name => name.startsWith("mat-")) ?? "none")).then(shelf => shelf.keys()).then(keys => done(keys.map(one => new URL(one.url).pathname)))',
    );
    $this->visit('/mat')->until(
        fn (): bool => in_array('/mat', $shelf(), true) && (bool) $this->mat('Boolean(mat.kit)'),
    );
    $this->visit('/mat')->press('Sign out')->see('Sign in');
    expect($shelf())->not->toContain('/mat')
        ->and(
            $this->browser->executeAsyncScript(
                'const done = arguments[arguments.length - 1]; const open = indexedDB.open("stone-drill"); open.onsuccess = () => { const ask = open.result.transaction("mat").objectStore("mat").get("kit"); ask.onsuccess = () => { open.result.close(); done(ask.result); }; };',
            ),
        )
        ->toBeNull();
    $this->base = null;
});

it('says what it cannot keep over plain http, and still queues', function (): void {
    $server = new OwnServer();
    $this->base = $server->base('hall.example');
    $this->signIn('assistant@cinder-quay.example');
    $this->setUpDrill(['Otto Tarwick'], 3, ['each' => '1']);
    $this->see('This page was opened without https')->press('Start the drill')->callIt();
    $server->stop();
    $this->find('[data-outcome="clean"]')->click();
    $this->see('Done')->see('1 rep waits on this device: no network');
    expect(
        $this->mat(
            '(() => { const event = new Event("beforeunload", { cancelable: true }); window.dispatchEvent(event); return event.defaultPrevented; })()',
        ),
    )->toBeTrue();
    $server->start();
    $this->see('All reps are in the log.');
    $this->base = null;
});

it('runs tonight’s list, with what differs in each attack', function (): void {
    $this->signIn('assistant@cinder-quay.example');
    $this->setUpDrill(['Gideon Ropewalk', 'Rufus Gangley'], 4, ['each' => '30']);
    $this->choose(
        'list',
        (string) $this->browser->executeScript(
            'return [...document.querySelectorAll("#list option")].find(one => one.text === "Tonight: the gangway").value',
        ),
    );
    $this->press('Start the drill')->see('0 of 60');
    $seen = [];
    for ($i = 0; $i < 12; $i++) {
        $this->find('body')->sendKeys(' ');
        $seen[(string) $this->find('.attack-title')->getText()] = (string) $this->find(
            '.attack-said strong',
        )->getText();
        $this->find('body')->sendKeys('c');
        $this->see($i + 1 .' of 60');
    }
    // Of ten items only what lies on the list comes, never three of one family in a row for one of them.
    expect(array_keys($seen))
        ->each->toBeIn([
            'Wrist held across, pulled along', 'Wrist held across, pulled along (mirrored)', 'Upper arm held, led away',
            'Upper arm held, led away (mirrored)', 'Pushed in the chest with one hand',
            'Bear hug from behind, arms pinned', 'Throat held with both hands', 'Straight punch to the face',
            'Shoulder held from behind, turned round', 'Wide swing at the head',
        ])
        ->and(array_filter($seen))->not->toBe([]);
    $this->press('End the drill')->see('Done')->see('All reps are in the log.');
});

it('draws what does not work only from its own list, and says so', function (): void {
    $this->signIn('assistant@cinder-quay.example');
    $this->setUpDrill(['Dunstan Reave'], 3, ['each' => '3']);
    $this->choose('list', 'fails');
    $this->see('Drawn from')->press('Start the drill')->see('On the floor no answer that is taught here works.');
    expect((string) $this->find('.attack-title')->getText())->toBeIn([
        'Somebody blocks the cabin door',
        'Slap in an argument (mirrored)',
        'Shoulder held from the side',
    ]);
    $this->press('End the drill');

    $this->setUpDrill(['Dunstan Reave'], 3, ['each' => '3']);
    $this->press('Start the drill')->see('0 of 3');
    expect($this->said())->not->toContain('On the floor no answer');
    $this->press('End the drill');
});

it('refuses to begin with nobody, and says why somebody is left out', function (): void {
    $this->signIn('assistant@cinder-quay.example')
        ->visit('/mat')
        ->until(fn (): bool => (bool) $this->mat('Boolean(mat.kit)'));
    $this->press('Start the drill')->see('Tap who is here first.');
    $this->setUpDrill(['Rowan Buoyant']);
    $this->choose('list', 'family:kick');
    $this->press('Start the drill')
        ->see('Nobody here has anything on this list')
        ->see('Nothing on this list for Rowan Buoyant.');
});

it('fits the caller on what it is held in: nothing covers an outcome, nothing is smaller than a thumb', function (
    int $width,
    int $height,
): void {
    $this->resize($width, $height);
    $this->signIn('assistant@cinder-quay.example')->setUpDrill(['Sorrel Makepeace', 'Petra Oarsby']);
    $this->press('Start the drill')->callIt()->see('NOW');
    $touched = $this->browser->executeScript(
        'return [...document.querySelectorAll(".stage button")].filter(one => one.offsetParent).map(one => { one.scrollIntoView({ block: "center" }); const box = one.getBoundingClientRect(); const on = document.elementFromPoint(box.left + box.width / 2, box.top + box.height / 2); return [one.innerText.split("\n")[0], Math.round(box.height) >= 56, one === on || one.contains(on)]; })',
    );
    expect(array_filter($touched, static fn (array $button): bool => ! $button[1] || ! $button[2]))->toBe([])
        ->and(count($touched))->toBe(9)
        ->and($this->browser->executeScript('return document.documentElement.scrollWidth'))
        ->toBeLessThanOrEqual($width);
    if ($width > $height) {
        // Held across, all of it is there at once.
        expect(
            $this->browser->executeScript(
                'scrollTo(0, 0); return [...document.querySelectorAll(".stage button, .attack-title, .who-defends")].filter(one => one.offsetParent).every(one => one.getBoundingClientRect().bottom <= innerHeight)',
            ),
        )->toBeTrue();
    }
    $this->press('End the drill')->see('Done');
})->with([[820, 1180], [390, 844], [844, 390], [1180, 820], [1280, 800]]);

it('draws from a list of what the way to a test has candidates drill', function (): void {
    $this->signIn('instructor@cinder-quay.example')->visit('/classes');
    $classes = $this->browser->executeScript(
        'return [...document.querySelectorAll("main td a, main th a")].map((link) => link.pathname)',
    );
    // Tonight’s is the first of those that come; other tests may have marked who is there.
    $this->until(function () use ($classes): bool {
        foreach ($classes as $class) {
            $this->visit($class);
            if (str_contains($this->find('main')->getText(), 'For the coming test: ')) {
                return true;
            }
        }

        return false;
    });
    $isToday = str_contains($this->find('h1')->getText(), gmdate('D j M Y'));
    $candidate = $this->browser->executeScript(
        'return [...document.querySelectorAll(".pressure tbody tr")].find((row) => row.innerText.includes("For the coming test: ")).cells[0].innerText',
    );
    $this->press('Put on the list')->see('put on the list “For the test, ');
    $this->press('See the list');
    $list = basename($this->path());
    $titles = $this->browser->executeScript(
        'return [...document.querySelectorAll("main tbody tr")].map((row) => row.cells[1].innerText.trim().replace(/, mirrored$/, ""))',
    );

    expect($titles)->not->toBe([]);
    if (! $isToday) {
        // Tonight's is over: what a later class has them drill is drawn on its day.
        return;
    }
    $this->setUpDrill([$candidate], 3, ['each' => '1'])->choose('list', "list:{$list}");
    $this->see('for the coming test.')->press('Start the drill')->see($candidate);
    $this->callIt()->see('NOW');
    expect($titles)->toContain(str_replace(' (mirrored)', '', $this->find('.attack-title')->getText()));
    $this->find('body')->sendKeys('c');
    $this->see('All reps are in the log.');
});
