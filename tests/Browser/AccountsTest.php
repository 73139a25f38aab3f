<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use StoneDrill\StandIns\Totp\Totp;

it('invites somebody by mail, who joins by the link in the outbox', function (): void {
    $email = 'ro'.bin2hex(random_bytes(4)).'@alder.example';
    $this->signIn('head@cinder-quay.example')->visit('/school/accounts')->see('Who can sign in');
    $this->find('#invite ~ form [name=name]')->sendKeys('Ro Alder');
    $this->find('#invite ~ form [name=email]')->sendKeys($email);
    $this->press('Invite somebody')->see("An invitation is on its way to {$email}.");
    $this->visit('/school/outbox')->press('You are invited to Cinder Quay Hall')->see('Hello Ro Alder,');
    preg_match('~/join/\w+~', $this->said(), $link);

    $this->browser->manage()->deleteAllCookies();
    $this->resize(390, 844);
    $this->visit($link[0])->see('Join Cinder Quay Hall');
    expect($this->browser->executeScript('return document.documentElement.scrollWidth'))->toBeLessThanOrEqual(390);
    $this->fill('password', 'a long password')->press('Create account')->see('Welcome to Cinder Quay Hall.');
    $this->browser->manage()->deleteAllCookies();
    $this->visit($link[0])->see('This invitation does not work');
});

it('joins with the code on a card, as a guardian who sees two children and nothing else', function (): void {
    $this->signIn('head@cinder-quay.example')->visit('/school/accounts');
    $this->find('#invite ~ form [name=name]')->sendKeys('Bo');
    $this->choose('role', 'guardian');
    $this->find('#invite ~ form details summary')->click();
    foreach (array_slice($this->browser->findElements(WebDriverBy::cssSelector('#children label')), 0, 2) as $child) {
        $child->click();
    }
    $this->press('Invite somebody')->see('Invitation for Bo');
    $code = $this->find('.code')->getText();

    $this->browser->manage()->deleteAllCookies();
    $this->resize(390, 844);
    $this->visit('/sign-in')
        ->press('Join with a code')
        ->fill('code', strtolower($code))
        ->press('Continue')
        ->see('You are invited as Guardian.');
    $email = 'bo'.bin2hex(random_bytes(4)).'@home.example';
    $this->fill('email', $email)
        ->fill('password', 'a long password')
        ->press('Create account');
    $this->see('Welcome to Cinder Quay Hall.')->see('Children');
    expect($this->browser->findElements(WebDriverBy::cssSelector('.big-links li')))->toHaveCount(2);
    $this->find('.big-links a')->click();
    $this->see('Drill next')->press('The whole ladder')->see('The ladder as a table');
    $this->visit('/wall')->see('You may not open this page');

    // The head gives another child, found by name, and another role.
    $this->browser->manage()->deleteAllCookies();
    $this->resize(1280, 800);
    $this->signIn('head@cinder-quay.example')->visit('/school/accounts');
    $row = fn () => $this->browser->findElement(WebDriverBy::xpath("//tr[contains(., '{$email}')]"));
    $change = fn () => $row()->findElement(WebDriverBy::linkText('Change'))->click();
    $change();
    $this->see('Change the account of Bo')->see('Children of a guardian (2)');
    $this->find('#find-children')->sendKeys('tidewell');
    // Those that are ticked stay.
    $shown = fn (): array => array_filter(
        $this->browser->findElements(WebDriverBy::cssSelector('#children label')),
        static fn ($label): bool => $label->isDisplayed(),
    );
    $this->until(fn (): bool => count($shown()) === 3);
    $this->browser->findElement(WebDriverBy::xpath("//label[contains(., 'Tidewell')]"))->click();
    $this->press('Save')->see('Bo is now Guardian');
    expect($row()->getText())->toContain('Orla Tidewell');
    $change();
    $this->see('Children of a guardian (3)')->choose('role', 'assistant')->press('Save')->see('Bo is now Assistant');
    expect($row()->getText())->not->toContain('Tidewell');
});

it('signs in with a second factor, set up from a picture', function (): void {
    $email = 'ro'.bin2hex(random_bytes(4)).'@factor.example';
    $this->visit('/begin')
        ->fill('name', 'Factor Hall')
        ->fill('person', 'Ro')
        ->fill('email', $email)
        ->fill('password', 'a long password')
        ->press('Save and continue')
        ->followMail()
        ->see('How you answer');
    $this->visit('/account')
        ->fill('factor_password', 'a long password')
        ->press('Set up')
        ->see('Open your authenticator app');
    $this->until(
        fn (): bool => (bool) $this->browser->executeScript(
            'const i = document.querySelector("[data-qr]"); return !i.hidden && i.naturalWidth > 0',
        ),
    );
    $secret = str_replace(' ', '', $this->find('code')->getText());
    $this->fill('code', Totp::ofSecret($secret)->codeAt(time()))
        ->press('Turn on')
        ->see('Your recovery codes');
    $recovery = $this->find('.recovery-codes code')->getText();
    $this->press('I have kept them')->see('each sign-in asks for a code');

    $this->press('Sign out')->waitFor("[name='email']");
    $this->visit('/sign-in')
        ->fill('email', $email)
        ->fill('password', 'a long password')
        ->press('Sign in')
        ->see('Type the code that your authenticator shows');
    $this->fill('code', '000000')->press('Sign in')->see('This code is not right');
    $this->fill('code', $recovery)->press('Sign in')->see('How you answer');
    expect($this->complaints())->toBe([]);
});
