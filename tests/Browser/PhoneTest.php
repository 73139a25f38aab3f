<?php

declare(strict_types=1);

// Whoever has only a phone in the hall: nothing makes the page wider than the screen. What is wider scrolls by itself.
it('fits a phone', function (?string $who, array $paths): void {
    $this->resize(390, 844);
    if ($who !== null) {
        $this->signIn($who);
    }
    foreach ($paths as $path) {
        $this->visit($path)->waitFor('h1');
        // A page that may not be opened fits too, and says nothing.
        expect($this->said())->not->toContain('You may not open this page', $path);
        expect($this->browser->executeScript('return document.documentElement.scrollWidth'))->toBeLessThanOrEqual(
            390,
            $path,
        );
    }
})->with([
    'somebody new' => [null, ['/sign-in', '/tablet', '/join', '/begin', '/password/forgotten']],
    'an assistant' => [
        'assistant@cinder-quay.example',
        [
            '/wall', '/wall?form=table', '/wall/ranks', '/wall/cross', '/wall/fewest', '/attacks', '/attacks/1',
            '/answers', '/answers/1', '/answers/1/sheet', '/drill-lists', '/drill-lists/create', '/classes',
            '/classes/1', '/classes/1/sheet', '/tests', '/tests/1', '/tests/1/2', '/basics', '/basics/1', '/basics/10',
            '/basics/10/students/6', '/people', '/people/1', '/people/reps', '/board', '/record', '/record/1',
            '/record/1/1/written', '/people/1/data', '/drill-lists/1', '/wall/basics/turn-under', '/account',
        ],
    ],
    'a student' => ['student@cinder-quay.example', ['/', '/people/1', '/people/1/home', '/people/1/data', '/account']],
    'a guardian' => [
        'guardian@cinder-quay.example',
        ['/children', '/people/24/own', '/people/24/home', '/people/24', '/people/24/data', '/account'],
    ],
]);

it('shows an instructor the main pages on a phone when they are asked for, and never in the way', function (): void {
    $this->signIn('instructor@cinder-quay.example')->visit('/attacks')->waitFor('h1');
    $places = fn (): array => $this->browser->executeScript(
        'return [...document.querySelectorAll("#places a")].filter(a => a.checkVisibility()).map(a => a.textContent.trim())',
    );
    $height = fn (): int => $this->browser->executeScript(
        'return Math.round(document.querySelector(".deskbar").getBoundingClientRect().height)',
    );
    $all = $places();
    expect($all)->toContain('Wall')->toContain('Record');

    $this->resize(390, 844);
    expect($places())->toBe([])->and($height())->toBeLessThan(110);
    $this->find('.places-button')->click();
    $this->until(fn (): bool => $places() === $all);
    // Of a thumb's height each, and all of them within the screen.
    expect(
        $this->browser->executeScript(
            'return [...document.querySelectorAll("#places a")].every(a => { const b = a.getBoundingClientRect(); return b.height >= 48 && b.left >= 0 && b.right <= 390 && b.bottom <= 844; })',
        ),
    )->toBeTrue();
    $this->browser->getKeyboard()->pressKey(Facebook\WebDriver\WebDriverKeys::ESCAPE);
    $this->until(fn (): bool => $places() === []);

    $this->find('.places-button')->click();
    $this->until(fn (): bool => $places() === $all);
    $this->find('#places a[href$="/people"]')->click();
    $this->until(fn (): bool => str_ends_with($this->browser->getCurrentURL(), '/people'));
    expect($places())->toBe([])->and($this->complaints())->toBe([]);
});

it('keeps the head of a student’s page to two lines on a phone: the name, and their pages below', function (): void {
    $this->signIn('student@cinder-quay.example')->visit('/')->waitFor('h1');
    $tops = fn (): array => $this->browser->executeScript(
        'return [".brand", ".own-name", ".who button", "#places a:last-child"].map(s => { const b = document.querySelector(".deskbar " + s).getBoundingClientRect(); return Math.round(b.top + b.height / 2); })',
    );
    $school = fn (): bool => $this->browser->executeScript('return document.querySelector(".own-school").checkVisibility()');
    expect($school())->toBeTrue();

    $this->resize(390, 844);
    [$brand, $name, $signOut, $lastPlace] = $tops();
    expect(abs($name - $brand))->toBeLessThan(8);
    expect(abs($signOut - $brand))->toBeLessThan(8);
    expect($lastPlace - $brand)->toBeBetween(30, 70);
    expect($school())->toBeFalse()->and($this->complaints())->toBe([]);
});
