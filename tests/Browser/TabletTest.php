<?php

declare(strict_types=1);

use Tests\Browser\DrivesMat;
use Tests\Browser\OwnServer;

uses(DrivesMat::class);

beforeEach(function (): void {
    $this->server = new OwnServer();
    $this->base = $this->server->base();
    $this->setPin = fn (string $email, string $pin) => $this->signIn($email)
        ->visit('/account')
        ->fill('pin', $pin)
        ->fill('pin_password', 'saltmarsh')
        ->press('Save PIN')
        ->see('PIN saved.')
        ->changeDevice();
    $this->unlock = function (string $name, string $pin): void {
        $this->see('Who records?');
        $this->browser
            ->findElement(
                Facebook\WebDriver\WebDriverBy::xpath(
                    "//label[contains(@class, 'person')][.//strong[normalize-space()='{$name}']]//input",
                ),
            )
            ->click();
        $this->fill('pin', $pin)->press('Begin');
    };
});

afterEach(fn () => $this->forgetDevice());

it('records on a bench tablet by PIN without a network, hands it over, and keeps who recorded what', function (): void {
    ($this->setPin)('assistant@cinder-quay.example', '482913');
    ($this->setPin)('instructor@cinder-quay.example', '739104');
    $this->signIn('head@cinder-quay.example')
        ->visit('/school/accounts')
        ->press('Bench tablets')
        ->see('No tablet is paired');
    $code = (string) $this->fill('name', 'By the pads')->press('Make a code')->find('.code')->getText();
    expect($this->violations())->toBe([]);
    $head = $this->changeDevice();

    $this->visit('/sign-in')
        ->press('Pair this device')
        ->fill('code', $code)
        ->press('Pair')
        ->see('This device is a bench tablet of Cinder Quay Hall.');
    expect($this->violations())->toBe([]);
    $this->resize(390, 844);
    expect($this->browser->executeScript('return document.documentElement.scrollWidth'))->toBeLessThanOrEqual(390);
    $this->resize(1280, 800);
    ($this->unlock)('Sunniva Pell', '111222');
    $this->see('Name or PIN is wrong.');
    ($this->unlock)('Sunniva Pell', '482913');
    $this->setUpDrill(['Esme Windlass'], 3, ['each' => '3'])
        ->see('Recorded by Sunniva Pell')
        ->press('Start the drill')
        ->see('Esme Windlass');
    $this->server->stop();
    $this->callIt()
        ->outcome('clean')
        ->see('1 of 3')
        ->press('End the drill')
        ->see('1 rep waits on this device: no network');
    // With no network it opens again, and still knows who records.
    $this->visit('/mat')->see('Recorded by Sunniva Pell')->see('1 rep waits on this device');
    $this->browser->executeScript('window.stop(); fetch = () => new Promise(() => {});');
    $this->server->start();
    $this->press('Change who records');
    ($this->unlock)('Idris Fenwater', '739104');
    $this->visit('/mat')->see('Recorded by Idris Fenwater')->see('All reps are in the log.');
    $tablet = $this->changeDevice(...$head);

    $this->visit('/people')->press('Esme Windlass')->seeLog();
    expect($this->browser->getPageSource())->toContain('recorded by Sunniva Pell');
    $this->visit('/school/tablets')->see('paired')->press('Revoke')->press('Yes')->see('“By the pads” is revoked.');
    $this->changeDevice(...$tablet);
    $this->visit('/mat')->see('Pair this device');
});
