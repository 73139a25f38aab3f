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
