<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

it(
    'begins a school in five steps, from the sign-in page to a wall with holes, taken up again on the way',
    function (): void {
        $email = 'wren'.bin2hex(random_bytes(4)).'@brackenfold.example';
        $began = microtime(true);
        $this->visit('/sign-in')->press('Start your own school')->see('Your school');
        // The browser’s own time zone is chosen already.
        expect($this->find('#zone')->getAttribute('value'))->toBe(
            $this->browser->executeScript('return Intl.DateTimeFormat().resolvedOptions().timeZone'),
        );
        $this->fill('name', 'Brackenfold Hall')
            ->fill('person', 'Wren Aldous')
            ->fill('email', $email)
            ->fill('password', 'a long password')
            ->press('Save and continue')
            ->see('Look into your mail');
        expect($this->violations())->toBe([]);
        $this->followMail();
        $this->see('How you answer')->see('All four are shown on');
        $this->find('input[value=counter]')->click();
        $this->press('Save and continue')->see('Take a number of them');
        $this->press('3 ranks');
        $this->until(fn (): bool => count($this->browser->findElements(WebDriverBy::cssSelector('tbody tr'))) === 3);
        $name = $this->find('#rank-0');
        $name->clear();
        $name->sendKeys('Clay');
        $this->press('Save and continue')->see('What can hurt');

        // Half-way it is left, and gone on with on another device.
        $this->browser->manage()->deleteAllCookies();
        $this->visit('/sign-in')
            ->fill('email', $email)
            ->fill('password', 'a long password')
            ->press('Sign in')
            ->see('What can hurt');
        $this->choose('policy-head-contact-all-pads', 'rank-3')->press('Save and continue')->see('Where to begin');
        $this->press('Look at “Hit and leave”')->see('Its rank 6 of 6 becomes')->press('Use this starter');
        $this->see('is yours now')->see('Next steps')->see('The heaviest hole')->see('Clay');

        expect(count($this->browser->findElements(WebDriverBy::cssSelector('[data-stone]'))))->toBeGreaterThan(100)
            ->and(microtime(true) - $began)->toBeLessThan(180.0)
            ->and($this->complaints())->toBe([]);
        $this->press('Hide this');
        $this->until(fn (): bool => ! str_contains($this->said(), 'Next steps'));
    },
);

it('begins a school by keyboard alone', function (): void {
    $keys = fn (string ...$keys): mixed => $this->browser->getKeyboard()->sendKeys($keys);
    $this->visit('/begin')->waitFor('#name');
    // The first field has the focus; Tab goes from each to the next, Enter sends.
    $keys(
        'Alderfen Hall',
        WebDriverKeys::TAB,
        WebDriverKeys::TAB,
        WebDriverKeys::TAB,
        'Ro Alder',
        WebDriverKeys::TAB,
        'ro'.bin2hex(random_bytes(4)).'@alderfen.example',
        WebDriverKeys::TAB,
        'a long password',
        WebDriverKeys::ENTER,
    );
    $this->see('Look into your mail');
    // To what the focus is on next, from the start of the page, until it says what is sought.
    $reach = function (string $selector) use ($keys): void {
        for ($press = 0; $press < 400; $press++) {
            if ($this->browser->executeScript('return document.activeElement.matches(arguments[0])', [$selector])) {
                return;
            }
            $keys(WebDriverKeys::TAB);
        }
        throw new RuntimeException("{$selector} is never reached.");
    };
    // A job sends the mail: until it is there the page offers to look again.
    $this->until(function () use ($reach, $keys): bool {
        if ($this->browser->findElements(WebDriverBy::cssSelector('.mail-text')) !== []) {
            return true;
        }
        $reach('a[href*="mail=1"]');
        $keys(WebDriverKeys::ENTER);
        usleep(700_000);

        return false;
    });
    $reach('.mail-text a');
    $keys(WebDriverKeys::ENTER);
    $this->see('you are its first head instructor');
    $reach('main form button');
    $keys(WebDriverKeys::ENTER);
    $this->see('How you answer');
    $reach('input[name=doctrine]');
    $keys(WebDriverKeys::ARROW_DOWN, WebDriverKeys::ENTER);
    $this->see('Take a number of them');
    $reach('#rank-0');
    $keys(WebDriverKeys::ENTER);
    $this->see('What can hurt');
    $reach('.step-buttons button');
    $keys(WebDriverKeys::ENTER);
    $this->see('Whatever you choose is yours');
    $reach('a[href$="leave-at-once"]');
    $keys(WebDriverKeys::ENTER);
    $this->see('Its rank 1 of 6 becomes');
    $reach('main form button');
    $keys(WebDriverKeys::ENTER);
    $this->see('is yours now')->see('Next steps');
});
