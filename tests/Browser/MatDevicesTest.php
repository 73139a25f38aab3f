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
    $this->database = fn (): PDO => new PDO(sprintf('pgsql:host=%s;port=%s;dbname=stone_drill_browser', getenv('DB_HOST'), getenv('DB_PORT')), (string) getenv('DB_USERNAME'), '', [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
});

afterEach(fn () => $this->forgetDevice());

it('keeps what two devices record of one class, each rep once, whichever comes first', function (): void {
    // Another name of the same machine is another device: nothing of what one keeps is seen by the other.
    $bases = [$this->server->base(), $this->server->base('localhost')];
    $this->signIn('assistant@cinder-quay.example');
    $before = $this->repsOf('Esme Windlass');
    $first = $this->browser->getWindowHandle();
    $this->setUpDrill(['Esme Windlass'], 3, ['each' => '4'])->press('Start the drill')->see('Esme Windlass');
    $this->browser->switchTo()->newWindow();
    $this->resize(1280, 800);
    $second = $this->browser->getWindowHandle();
    $this->base = $bases[1];
    $this->signIn('instructor@cinder-quay.example')->setUpDrill(['Esme Windlass'], 3, ['each' => '4'])->press('Start the drill')->see('Esme Windlass');
    $this->server->stop();

    // Turn about, with no network on either.
    foreach ([[$first, 'clean'], [$second, 'late'], [$second, 'clean'], [$first, 'hit']] as [$window, $outcome]) {
        $this->browser->switchTo()->window($window);
        $this->press('Call it')->outcome($outcome);
    }
    foreach ([$first, $second] as $window) {
        $this->browser->switchTo()->window($window);
        $this->see('2 of 4')->press('End the drill')->see('2 reps wait on this device: no network');
    }
    $this->server->start();
    foreach ([$second, $first] as $window) {
        $this->browser->switchTo()->window($window);
        $this->see('All reps are with the school.');
    }
    $this->browser->switchTo()->window($second);
    $this->forgetDevice();
    $this->browser->manage()->deleteAllCookies();
    $this->browser->close();
    $this->browser->switchTo()->window($first);
    $this->base = $bases[0];
    expect($this->repsOf('Esme Windlass'))->toBe($before + 4);
});

it('sends again what the server was told and had not kept when it went down', function (): void {
    $this->signIn('assistant@cinder-quay.example');
    $before = $this->repsOf('Alaric Pennyboat');
    $this->setUpDrill(['Alaric Pennyboat'], 3, ['each' => '1'])->press('Start the drill')->press('Call it');
    // Nobody may write a rep now, so that the request stays in the middle of its work.
    $database = ($this->database)();
    $database->beginTransaction();
    $database->exec('lock table reps in share mode');
    $this->outcome('clean')->see('Done')->see('1 rep waits on this device: sending.');
    $this->until(fn (): bool => (int) $database->query("select count(*) from pg_locks where relation = 'reps'::regclass and not granted")->fetchColumn() === 1);
    $this->server->stop();
    $this->see('1 rep waits on this device: no network');
    $database->rollBack();
    $this->server->start();
    $this->see('All reps are with the school.');
    expect($this->repsOf('Alaric Pennyboat'))->toBe($before + 1);
});

it('keeps once what the server had kept when its answer was lost', function (): void {
    $this->signIn('assistant@cinder-quay.example');
    $before = $this->repsOf('Cosmo Ferriday');
    $this->setUpDrill(['Cosmo Ferriday'], 3, ['each' => '1'])->press('Start the drill')->press('Call it');
    // The request gets there, and the line goes dead before the answer comes back.
    $this->browser->executeScript('const real = window.fetch; window.lost = 0; window.fetch = async (address, how) => { await real(address, how); if (how?.method === "POST" && window.lost++ === 0) throw new TypeError("gone"); return real(address, how); };');
    $this->outcome('clean')->see('Done')->see('1 rep waits on this device: no network');
    $of = ($this->database)()->prepare('select count(*) from reps join students on students.id = reps.student_id where students.name = ?');
    $of->execute(['Cosmo Ferriday']);
    expect((int) $of->fetchColumn())->toBe($before + 1);
    $this->see('All reps are with the school.');
    expect($this->repsOf('Cosmo Ferriday'))->toBe($before + 1);
});

it('keeps reps in the open page where the browser keeps nothing, and says so', function (): void {
    $this->signIn('assistant@cinder-quay.example');
    $before = $this->repsOf('Fern Dockery');
    $this->setUpDrill(['Fern Dockery'], 3, ['each' => '2'])->press('Start the drill')->press('Call it');
    $this->browser->executeScript('IDBObjectStore.prototype.put = () => { throw new DOMException("full", "QuotaExceededError"); };');
    $this->server->stop();
    $this->outcome('clean')->see('1 of 2')->press('Call it')->outcome('late')->see('Done');
    $this->see('2 reps wait on this device: no network, or the school does not answer. The browser lets this page keep nothing: do not close it');
    expect($this->mat('(() => { const event = new Event("beforeunload", { cancelable: true }); window.dispatchEvent(event); return event.defaultPrevented; })()'))->toBeTrue();
    $this->server->start();
    $this->see('All reps are with the school.');
    expect($this->repsOf('Fern Dockery'))->toBe($before + 2);
});

it('draws the same again for the same turn, after a reload and after an undo', function (): void {
    $this->signIn('assistant@cinder-quay.example');
    $this->setUpDrill(['Nell Cinderford', 'Barnaby Shoal'], 3, ['each' => '20'])->press('Start the drill');
    $drawn = fn (): string => (string) $this->find('.attack-title')->getText();
    $this->press('Call it')->outcome('clean')->see('1 of 40');
    $title = $drawn();
    $this->press('Call it')->outcome('late')->see('2 of 40');
    $this->find('body')->sendKeys('u');
    $this->see('1 of 40');
    expect($drawn())->toBe($title);
    $this->visit('/mat')->see('1 of 40');
    expect($drawn())->toBe($title);
    $this->press('End the drill')->see('Done');
});
