<?php

declare(strict_types=1);

use Tests\Browser\DrivesMat;
use Tests\Browser\OwnServer;

// What the network, the server and other devices do to reps on their way: each gets there, and gets there once.
uses(DrivesMat::class);

beforeEach(function (): void {
    $this->server = new OwnServer();
    $this->base = $this->server->base();
    /** What the school's database holds of a student. */
    $this->database = fn (): PDO => new PDO(
        sprintf(
            "pgsql:host=%s;port=%s;dbname=stone_drill_browser;options='-c stonedrill.school=all'",
            getenv('DB_HOST'),
            getenv('DB_PORT'),
        ),
        (string) getenv('DB_USERNAME'),
        (string) getenv('DB_PASSWORD'),
        [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION],
    );
});

afterEach(fn () => $this->forgetDevice());

it('keeps what two devices record of one class, each rep once, whichever comes first', function (): void {
    // Another name of the same machine is another device: nothing of what one keeps is seen by the other.
    $bases = [$this->server->base(), $this->server->base('localhost')];
    $this->signIn('assistant@cinder-quay.example');
    $before = $this->repsOf('Esme Windlass');
    $first = $this->browser->getWindowHandle();
    $this->setUpDrill(['Esme Windlass'], 3, ['each' => '4'])
        ->press('Start the drill')
        ->see('Esme Windlass');
    $this->browser->switchTo()->newWindow();
    $this->resize(1280, 800);
    $second = $this->browser->getWindowHandle();
    $this->base = $bases[1];
    $this->signIn('instructor@cinder-quay.example')
        ->setUpDrill(['Esme Windlass'], 3, ['each' => '4'])
        ->press('Start the drill')
        ->see('Esme Windlass');
    $this->server->stop();

    // Turn about, with no network on either.
    foreach ([[$first, 'clean'], [$second, 'late'], [$second, 'clean'], [$first, 'hit']] as [$window, $outcome]) {
        $this->browser->switchTo()->window($window);
        $this->callIt()->outcome($outcome);
    }
    foreach ([$first, $second] as $window) {
        $this->browser->switchTo()->window($window);
        $this->see('2 of 4')->press('End the drill')->see('2 reps wait on this device: no network');
    }
    $this->server->start();
    foreach ([$second, $first] as $window) {
        $this->browser->switchTo()->window($window);
        $this->see('All reps are in the log.');
    }
    $this->browser->switchTo()->window($second);
    $this->forgetDevice();
    $this->browser->manage()->deleteAllCookies();
    $this->browser->close();
    $this->browser->switchTo()->window($first);
    $this->base = $bases[0];
    expect($this->repsOf('Esme Windlass'))->toBe($before + 4);
});

it(
    'runs a whole class on two devices without a network: nothing is lost and nothing is there twice',
    function (): void {
        $bases = [$this->server->base(), $this->server->base('localhost')];
        $database = ($this->database)();
        $count = fn (string $of): int => (int) $database->query("select count(*) from {$of}")->fetchColumn();
        $before = $count('reps where class_id is not null');
        $windows = [];
        foreach ($bases as $at => $base) {
            if ($at > 0) {
                $this->browser->switchTo()->newWindow();
                $this->resize(820, 1180);
            }
            $this->base = $base;
            $windows[] = $this->browser->getWindowHandle();
            $this->signIn($at === 0 ? 'assistant@cinder-quay.example' : 'instructor@cinder-quay.example')
                ->visit('/mat')
                ->see('Run a class')
                ->until($this->isKept(...));
        }
        // The bell lights the page up.
        $isStill = fn (): bool => $this->browser->executeScript(
            'return document.querySelector(".class-stage").getAnimations().length === 0',
        );
        $this->server->stop();
        foreach ($windows as $at => $window) {
            $this->browser->switchTo()->window($window);
            $this->find('[data-class]')->click();
            $this->see('Gather and safety')->see('3:00')->press('Start the clock')->see('Pause');
            // Somebody is not here tonight, and each end of the hall marks another one.
            $this->find('.class-stage label.person:nth-of-type('.($at + 1).') input')->click();
            $this->see('Who is here (27)');
            foreach (['Teach', 'Drill'] as $part) {
                $this->until(function () use ($part): bool {
                    $this->press('Next part');

                    return $this->mat('mat.blockName') === $part;
                });
            }
            $this->until($isStill);
            expect($this->violations())->toBe([]);
            // Each records two reps at its own end: who attacks changes by itself.
            $place = $at === 0 ? 0 : 5;
            foreach (['clean', 'hit'] as $outcome) {
                $this->until(fn (): bool => (bool) $this->mat("!mat.hasChosen && mat.stations[{$place}].can"));
                $defends[$at][] = $this->mat("mat.stations[{$place}].defends");
                $this->find(".station[data-place='{$place}']")->click();
                $this->find(".station-outcome [data-outcome='{$outcome}']")->click();
                $this->until(fn (): bool => $this->mat('mat.last?.outcome') === $outcome);
            }
            expect(array_unique($defends[$at]))->toHaveCount(2);
        }
        // The last one of the first device is taken back, and the class goes on after the page was closed.
        $this->browser->switchTo()->window($windows[0]);
        $this->base = $bases[0];
        $this->find('.class-stage .last-rep button')->click();
        $this->until(fn (): bool => $this->mat('mat.last') === null);
        $this->visit('/mat')->see('Drill')->until(fn (): bool => (bool) $this->mat('mat.isClass && mat.isTicking'));
        // At its end each is told what to practise alone.
        $this->until(function (): bool {
            $this->press('Next part');

            return $this->mat('mat.isClosing');
        });
        $this->see('What each takes home')->until(fn (): bool => $this->mat('mat.home.length') > 20)->until($isStill);
        expect($this->violations())->toBe([]);
        $this->server->start();
        foreach (array_reverse($windows) as $window) {
            $this->browser->switchTo()->window($window);
            $this->press('End the class')
                ->press('Press again to end the class')
                ->see('The class is over')
                ->see('All reps are in the log.');
        }
        expect($count('reps where class_id is not null') - $before)->toBe(3)
            ->and(
                $count(
                    "reps where class_id = (select id from training_classes where code = 'class-tonight') and attacker_id is null",
                ),
            )
            ->toBe(0)
            // Who was tapped is not here; the others are, marked by either device.
            ->and(
                $count(
                    "class_attendance where class_id = (select id from training_classes where code = 'class-tonight')",
                ),
            )
            ->toBe(27);
        $this->browser->switchTo()->window($windows[1]);
        $this->base = $bases[1];
        $this->press('Planned and done')->see('Fewer than meant');
        expect($this->violations())->toBe([]);
        $database->exec(
            "delete from class_attendance where class_id = (select id from training_classes where code = 'class-tonight')",
        );
        $this->forgetDevice();
        $this->browser->manage()->deleteAllCookies();
        $this->browser->close();
        $this->browser->switchTo()->window($windows[0]);
        $this->base = $bases[0];
    },
);

it('marks a test without a network, and the school decides it by the rule', function (): void {
    $this->signIn('head@cinder-quay.example')->visit('/tests/create')->see('What it asks for');
    $this->choose(
        'rank',
        (string) $this->browser->executeScript(
            'return [...document.querySelector("#rank").options].find(one => one.text === "Gravel").value',
        ),
    );
    $this->browser->executeScript('document.querySelector("#at").value = arguments[0]', [
        date('Y-m-d\TH:i', time() + 3600),
    ]);
    $this->find("input[name='candidates[]']")->click();
    $this->press('Plan a test')->see('The test is planned.')->see('1 candidate');
    $page = (string) parse_url($this->browser->getCurrentURL(), PHP_URL_PATH);
    $this->visit('/mat')->see('Mark a test')->until($this->isKept(...));
    $this->server->stop();
    $this->find('[data-exam]')->click();
    $count = (int) $this->mat('mat.examItems.length');
    foreach (range(0, 1) as $place) {
        $this->find('.stations [data-item]:nth-of-type('.($place + 1).')')->click();
        $this->find(".class-stage:not([style*='none']) .station-outcome [data-outcome='clean']")->click();
        $this->see($place + 1 ." of {$count}");
    }
    expect($this->violations())->toBe([]);
    $this->visit('/mat')->see('Mark a test')->find('[data-exam]')->click();
    $this->see("2 of {$count}");
    $this->server->start();
    $this->until(
        fn (): bool => $this->browser->executeAsyncScript(
            'const done = arguments[arguments.length - 1]; const open = indexedDB.open("stone-drill"); open.onsuccess = () => { const ask = open.result.transaction("mat").objectStore("mat").get("testMarks"); ask.onsuccess = () => { open.result.close(); done((ask.result ?? []).length); }; };',
        ) === 0,
    );
    $this->visit($page)->see('items to show again')->find('main tbody a')->click();
    $this->see('Maren Tolliver: clean')->press('Decide by the rule')->see('shows some items again');
    expect($this->violations())->toBe([]);
    $this->press('Take the result back')->see('The result is taken back');
    $this->visit($page.'/edit')
        ->press('Call it off')
        ->waitFor('dialog[open]');
    $this->press('Yes');
    $this->see('The test is called off.');
});

it('sends again what the server was told and had not kept when it went down', function (): void {
    $this->signIn('assistant@cinder-quay.example');
    $before = $this->repsOf('Alaric Pennyboat');
    $this->setUpDrill(['Alaric Pennyboat'], 3, ['each' => '1'])
        ->press('Start the drill')
        ->callIt();
    // Nobody may write a rep now, so that the request stays in the middle of its work.
    $database = ($this->database)();
    $database->beginTransaction();
    $database->exec('lock table reps in share mode');
    $this->outcome('clean')->see('Done')->see('1 rep waits on this device: sending.');
    $this->until(
        fn (): bool => (int) $database
            ->query("select count(*) from pg_locks where relation = 'reps'::regclass and not granted")
            ->fetchColumn() === 1,
    );
    $this->server->stop();
    $this->see('1 rep waits on this device: no network');
    $database->rollBack();
    $this->server->start();
    $this->see('All reps are in the log.');
    expect($this->repsOf('Alaric Pennyboat'))->toBe($before + 1);
});

it('keeps once what the server had kept when its answer was lost', function (): void {
    $this->signIn('assistant@cinder-quay.example');
    $before = $this->repsOf('Cosmo Ferriday');
    $this->setUpDrill(['Cosmo Ferriday'], 3, ['each' => '1'])
        ->press('Start the drill')
        ->callIt();
    // The request gets there, and the line goes dead before the answer comes back.
    $this->browser->executeScript(
        'const real = window.fetch; window.lost = 0; window.fetch = async (address, how) => { await real(address, how); if (how?.method === "POST" && window.lost++ === 0) throw new TypeError("gone"); return real(address, how); };',
    );
    $this->outcome('clean')->see('Done')->see('1 rep waits on this device: no network');
    $of = ($this->database)()->prepare(
        'select count(*) from reps join students on students.id = reps.student_id where students.name = ?',
    );
    $of->execute(['Cosmo Ferriday']);
    expect((int) $of->fetchColumn())->toBe($before + 1);
    $this->see('All reps are in the log.');
    expect($this->repsOf('Cosmo Ferriday'))->toBe($before + 1);
});

it('keeps reps in the open page where the browser keeps nothing, and says so', function (): void {
    $this->signIn('assistant@cinder-quay.example');
    $before = $this->repsOf('Fern Dockery');
    $this->setUpDrill(['Fern Dockery'], 3, ['each' => '2'])
        ->press('Start the drill')
        ->callIt();
    $this->browser->executeScript(
        'IDBObjectStore.prototype.put = () => { throw new DOMException("full", "QuotaExceededError"); };',
    );
    $this->server->stop();
    $this->outcome('clean')->see('1 of 2')->callIt()->outcome('late')->see('Done');
    $this->see(
        '2 reps wait on this device: no network, or the school does not answer. The browser cannot keep them when this page closes',
    );
    expect(
        $this->mat(
            '(() => { const event = new Event("beforeunload", { cancelable: true }); window.dispatchEvent(event); return event.defaultPrevented; })()',
        ),
    )->toBeTrue();
    $this->server->start();
    $this->see('All reps are in the log.');
    expect($this->repsOf('Fern Dockery'))->toBe($before + 2);
});

it('records one rep for however many taps, 5 to 200 ms apart', function (int $apart): void {
    $this->signIn('assistant@cinder-quay.example');
    $this->setUpDrill(['Nell Cinderford'], 3, ['each' => '20'])
        ->press('Start the drill')
        ->callIt()
        ->see('NOW');
    $this->browser->executeAsyncScript(
        'const [apart, done] = arguments; const began = Date.now(); const tap = (left) => { document.querySelector("[data-outcome=clean]").click(); if (Date.now() - began < 350) document.querySelector("[data-go]").click(); if (left === 0) return setTimeout(done, 300); setTimeout(() => tap(left - 1), apart); }; tap(3);',
        [$apart],
    );

    $this->see('1 of 20');
    expect($this->mat('mat.done'))->toBe(1)
        ->and(
            $this->browser->executeAsyncScript(
                'const done = arguments[arguments.length - 1]; const open = indexedDB.open("stone-drill"); open.onsuccess = () => { const ask = open.result.transaction("mat").objectStore("mat").get("reps"); ask.onsuccess = () => { open.result.close(); done(ask.result.length); }; };',
            ),
        )
        ->toBe(1);
    $this->find('body')->sendKeys('u');
    $this->see('0 of 20');
})->with([0, 5, 50, 100, 200]);

it(
    'shares the last rep among the pages of a device: none sends what another still holds, each takes it back',
    function (): void {
        $this->signIn('assistant@cinder-quay.example');
        $before = $this->repsOf('Barnaby Shoal');
        $first = $this->browser->getWindowHandle();
        $this->setUpDrill(['Barnaby Shoal'], 3, ['each' => '9'])
            ->press('Start the drill')
            ->callIt()
            ->outcome('clean')
            ->see('1 of 9');
        $this->browser->switchTo()->newWindow();
        $second = $this->browser->getWindowHandle();
        $this->visit('/mat')->until(fn (): bool => (bool) $this->mat('Boolean(mat.kit)'));
        $this->see('1 rep is kept on this device until the next call.')->see('Barnaby Shoal');
        // Longer than either page waits until it tries to send again.
        usleep(9_000_000);
        expect(
            (int) ($this->database)()
                ->query(
                    "select count(*) from reps join students on students.id = reps.student_id where students.name = 'Barnaby Shoal'",
                )
                ->fetchColumn(),
        )->toBe($before);
        $this->find('body')->sendKeys('u');
        $this->see('All reps are in the log.');
        $this->browser->close();
        $this->browser->switchTo()->window($first);
        $this->see('0 of 9')->see('All reps are in the log.');
        $this->press('End the drill')->see('Done');
        expect($this->repsOf('Barnaby Shoal'))->toBe($before);
    },
);

it(
    'says why a rep was refused, and lets it be mended, sent as improvised, recorded as another or deleted by a head',
    function (): void {
        $this->signIn('head@cinder-quay.example');
        $this->setUpDrill(['Fern Dockery'], 3, ['each' => '5'])
            ->press('Start the drill')
            ->callIt()
            ->outcome('clean')
            ->see('1 of 5');
        $this->callIt()->outcome('late')->see('2 of 5');
        $this->callIt()->outcome('hit')->see('3 of 5')->press('End the drill')->see('All reps are in the log.');
        $before = $this->repsOf('Fern Dockery');
        $this->visit('/mat')->until(fn (): bool => (bool) $this->mat('Boolean(mat.kit)'));
        // What a device may have kept: an answer that is gone, an id that the school has otherwise, a rung that is
        // gone.
        $taken = (string) ($this->database)()
            ->query(
                "select reps.id from reps join students on students.id = reps.student_id where students.name = 'Fern Dockery' and outcome = 'late' order by recorded_at desc limit 1",
            )
            ->fetchColumn();
        $this->browser->executeAsyncScript(
            'const [taken, done] = arguments; const mat = document.querySelector(".mat-drill")._x_dataStack[0]; const student = mat.kit.students.find(one => one.name === "Fern Dockery"); const cell = mat.kit.cells[student.tickets[0].cell]; const rep = (id, more) => ({ id, school: mat.kit.school, by: mat.kit.by, student_id: student.id, attack_id: cell.attack, side: cell.side, rung: 3, outcome: "clean", at: new Date().toISOString(), answer_id: null, mistakes: [], touched: null, seconds: null, stressor: null, draft: 0, ...more }); const open = indexedDB.open("stone-drill"); open.onsuccess = () => { const store = open.result.transaction("mat", "readwrite").objectStore("mat"); store.put([rep("0b7e1f60-7777-4000-8000-000000000001", { answer_id: 999999999 }), rep(taken, { outcome: "froze" }), rep("0b7e1f60-7777-4000-8000-000000000003", { rung: 55 }), rep("0b7e1f60-7777-4000-8000-000000000004", { rung: 56 })], "reps").onsuccess = () => { open.result.close(); mat.send().then(done); }; };',
            [$taken],
        );
        $this->see('Refused reps')
            ->see('The answer is not in the catalogue any more.')
            ->see('in the log already, as late at rung 3')
            ->see('froze at rung 3')
            ->see('The ladder has no such rung any more.');
        $row = fn (string $id): string => "[data-rep='{$id}'] ";
        $this->find($row('0b7e1f60-7777-4000-8000-000000000001').'[x-on\\:click="improvise"]')->click();
        $this->until(fn (): bool => $this->mat('mat.refused.length') === 3);
        $this->find($row($taken).'[x-on\\:click="recordToo"]')->click();
        $this->until(fn (): bool => $this->mat('mat.refused.length') === 2);
        (new Facebook\WebDriver\WebDriverSelect(
            $this->find($row('0b7e1f60-7777-4000-8000-000000000003').'[name="rung"]'),
        ))->selectByValue('2');
        $this->find($row('0b7e1f60-7777-4000-8000-000000000003').'[x-on\\:click="sendAgain"]')->click();
        $this->until(fn (): bool => $this->mat('mat.refused.length') === 1);
        $this->press('Delete')->press('Press again to delete it for good')->see('All reps are in the log.');
        expect($this->repsOf('Fern Dockery'))->toBe($before + 3);
    },
);

it('keeps no name and no health flag in what can be read once the session is over', function (): void {
    $this->signIn('assistant@cinder-quay.example');
    $this->setUpDrill(['Esme Windlass'], 3, ['each' => '2'])
        ->press('Start the drill')
        ->callIt();
    $this->server->stop();
    $this->outcome('clean')->see('1 of 2');
    $kept = fn (): string => (string) $this->browser->executeAsyncScript(
        'const done = arguments[arguments.length - 1]; const open = indexedDB.open("stone-drill"); open.onsuccess = () => { const ask = open.result.transaction("mat").objectStore("mat").getAll(); ask.onsuccess = async () => { open.result.close(); const bytes = (value) => value instanceof ArrayBuffer ? new TextDecoder("latin1").decode(value) : value; const pages = []; for (const name of await caches.keys()) { const shelf = await caches.open(name); for (const key of await shelf.keys()) if (!key.url.includes("/build/")) pages.push(await (await shelf.match(key)).text()); } done(JSON.stringify(ask.result, (key, value) => bytes(value)) + pages.join("")); }; };',
    );
    expect($kept())->toContain('Set up a drill')
        ->not->toContain('Esme')
        ->not->toContain('Windlass')
        ->not->toContain('Sunniva')
        ->not->toContain('no-fall');
    // With the session on it opens without a network; once that is over it does not, and the rep still waits.
    $this->visit('/mat')->see('Esme Windlass')->see('1 of 2');
    $this->browser->manage()->deleteAllCookies();
    $this->visit('/mat')->see('Sign in to go on')->see('1 rep waits on this device');
    expect($this->browser->getPageSource())->not->toContain('Esme Windlass')->and($kept())->not->toContain('sealed');
    $this->server->start();
    $this->signIn('assistant@cinder-quay.example')
        ->visit('/mat')
        ->see('1 of 2')
        ->callIt()
        ->see('All reps are in the log.');
});

it('draws the same again for the same turn, after a reload and after an undo', function (): void {
    $this->signIn('assistant@cinder-quay.example');
    $this->setUpDrill(['Nell Cinderford', 'Barnaby Shoal'], 3, ['each' => '20'])->press('Start the drill');
    $drawn = fn (): string => (string) $this->find('.attack-title')->getText();
    $this->callIt()->outcome('clean')->see('1 of 40');
    $title = $drawn();
    $this->callIt()->outcome('late')->see('2 of 40');
    $this->find('body')->sendKeys('u');
    $this->see('1 of 40');
    expect($drawn())->toBe($title);
    $this->visit('/mat')->see('1 of 40');
    expect($drawn())->toBe($title);
    $this->press('End the drill')->see('Done');
});
