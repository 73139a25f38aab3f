<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverSelect;
use Tests\Browser\OwnServer;

it('writes a basic with its feet, corrects a form, and marks who does it', function (): void {
    $this->signIn('instructor@cinder-quay.example')->visit('/basics')->press('Add a basic');
    $this->fill('name', 'Narrow stance')->fill('points', "Feet under the hips\nKnees soft");
    // 20 and 48 cm: 52 cm apart, at atan(48 / 20) = 67°.
    foreach (
        ['left_right' => '-10', 'left_ahead' => '24', 'right_right' => '10', 'right_ahead' => '-24'] as $field => $cm
    ) {
        $this->fill($field, $cm);
    }
    $this->press('Save')->see('52 cm apart')->see('67°')->see('Knees soft');
    expect($this->browser->findElements(WebDriverBy::cssSelector('.feet-drawing')))->toHaveCount(1)
        ->and($this->violations())->toBe([]);
    $mark = $this->find('.mark-cell select');
    (new WebDriverSelect($mark))->selectByVisibleText('Sound');
    $this->press('Save these marks')->see('Marked.')->see('fades on');

    $this->visit('/basics')
        ->press('Add a form')
        ->fill('name', 'Out and back')
        ->fill('beats', 'right plam chin')
        ->press('Save')
        ->see('Did you mean “palm”?');
    $this->fill('beats', "left foot step 12   # !Out\npivot 6\nslide 6")
        ->press('Save')
        ->see('The way over the floor')
        ->see('Out');
    $this->find('table a')->click();
    $this->see('Mark Out and back by its beats');
    (new WebDriverSelect($this->find('#beat-2')))->selectByVisibleText('Not yet');
    $this->press('Sound')->see('Not yet,')->see('2 Not yet')->press('Take back')->see('The mark is taken back.');
});

it('opens what a student practises at home without a network, and counts it', function (): void {
    $server = new OwnServer();
    $this->base = $server->base();
    $this->signIn('student@cinder-quay.example')->visit('/people/1/home')->see('Watch for:');
    $this->until(
        fn (): bool => $this->browser->executeAsyncScript(
            'const done = arguments[0]; caches.match(location.href).then((found) => done(Boolean(found)))',
        ),
    );
    $server->stop();
    $this->visit('/people/1/home')->see('Watch for:')->press('Count it aloud')->waitFor('.home-beats li[aria-current]');
    $server->start();
    // Who signs out leaves nothing of it.
    $this->press('Sign out')->waitFor("[name='email']");
    $this->until(
        fn (): bool => $this->browser->executeAsyncScript(
            'const done = arguments[0]; caches.keys().then((names) => done(names.length === 0))',
        ),
    );
});
