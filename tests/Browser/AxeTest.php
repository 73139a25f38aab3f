<?php

declare(strict_types=1);

/** Every screen, for whom it is open. */
dataset('screens', [
    'sign in' => [null, '/sign-in'],
    'forgotten password' => [null, '/password/forgotten'],
    'new password' => [null, '/password/reset/'.str_repeat('a', 64).'?email=a@b.example'],
    'join with a code' => [null, '/join'],
    'pair a tablet' => [null, '/tablet'],
    'begin a school' => [null, '/begin'],
    'wall' => ['head@cinder-quay.example', '/wall'],
    'wall as a table' => ['head@cinder-quay.example', '/wall?form=table'],
    'a part of the wall, compared' => ['head@cinder-quay.example', '/wall?family=grab&student=1&since=2026-01-01'],
    'cross-table' => ['head@cinder-quay.example', '/wall/cross'],
    'load of the ranks' => ['head@cinder-quay.example', '/wall/ranks'],
    'a basic of many answers' => ['head@cinder-quay.example', '/wall/basics/turn-under'],
    'another rank' => ['head@cinder-quay.example', '/answers/2/placement?to=slate'],
    'the rose' => ['head@cinder-quay.example', '/wall/rose'],
    'two things side by side' => ['head@cinder-quay.example', '/answers/1/beside'],
    'drill lists' => ['head@cinder-quay.example', '/drill-lists'],
    'new drill list' => ['head@cinder-quay.example', '/drill-lists/create?families[]=grab'],
    'the shortest way' => ['head@cinder-quay.example', '/wall/fewest'],
    'a move' => [
        'head@cinder-quay.example',
        '/answers/2/moves/create?kind=one-sided&attack=wrist-same-side&side=mirrored&move=mirror',
    ],
    'attacks' => ['head@cinder-quay.example', '/attacks'],
    'no attack found' => ['head@cinder-quay.example', '/attacks?find=zebra'],
    'new attack' => ['head@cinder-quay.example', '/attacks/create'],
    'attack' => ['head@cinder-quay.example', '/attacks/1'],
    'attack with holes' => ['head@cinder-quay.example', '/attacks/2'],
    'edit an attack' => ['head@cinder-quay.example', '/attacks/1/edit'],
    'answers' => ['head@cinder-quay.example', '/answers'],
    'new answer' => ['head@cinder-quay.example', '/attacks/2/answers/create?side=mirrored'],
    'answer' => ['head@cinder-quay.example', '/answers/1'],
    'edit an answer' => ['head@cinder-quay.example', '/answers/1/edit'],
    'new picture or clip' => ['head@cinder-quay.example', '/answers/1/footage/create'],
    'a clip' => ['head@cinder-quay.example', '/footage/1'],
    'a picture' => ['head@cinder-quay.example', '/footage/3'],
    'what the reps teach' => ['head@cinder-quay.example', '/evidence'],
    'sheet' => ['head@cinder-quay.example', '/answers/1/sheet'],
    'board' => ['head@cinder-quay.example', '/board?rank=slate'],
    'reps as a file' => ['head@cinder-quay.example', '/people/reps'],
    'people' => ['head@cinder-quay.example', '/people'],
    'new student' => ['head@cinder-quay.example', '/people/create'],
    'ladder' => ['head@cinder-quay.example', '/people/1'],
    'edit a student' => ['head@cinder-quay.example', '/people/1/edit'],
    'mat' => ['head@cinder-quay.example', '/mat'],
    'record: who' => ['head@cinder-quay.example', '/record'],
    'record: what' => ['head@cinder-quay.example', '/record/1'],
    'record: how' => ['head@cinder-quay.example', '/record/1/1/written'],
    'record: how, with cautions' => ['head@cinder-quay.example', '/record/23/22/written'],
    'classes' => ['head@cinder-quay.example', '/classes'],
    'a class' => ['head@cinder-quay.example', '/classes/1'],
    'edit a class' => ['head@cinder-quay.example', '/classes/1/edit'],
    'basics' => ['head@cinder-quay.example', '/basics'],
    'a basic' => ['head@cinder-quay.example', '/basics/1'],
    'a solo form' => ['head@cinder-quay.example', '/basics/10'],
    'edit a basic' => ['head@cinder-quay.example', '/basics/1/edit'],
    'mark a form' => ['head@cinder-quay.example', '/basics/10/students/6'],
    'tests' => ['head@cinder-quay.example', '/tests'],
    'a test' => ['head@cinder-quay.example', '/tests/1'],
    'plan a test' => ['head@cinder-quay.example', '/tests/create'],
    'edit a test' => ['head@cinder-quay.example', '/tests/1/edit'],
    'a candidate' => ['head@cinder-quay.example', '/tests/1/2'],
    'a class on one page' => ['head@cinder-quay.example', '/classes/1/sheet'],
    'my page' => ['student@cinder-quay.example', '/people/1/own'],
    'at home' => ['student@cinder-quay.example', '/people/1/home'],
    'plan a class' => ['head@cinder-quay.example', '/classes/create'],
    'school' => ['head@cinder-quay.example', '/school'],
    'accounts' => ['head@cinder-quay.example', '/school/accounts'],
    'change an account' => ['head@cinder-quay.example', '/school/accounts/2/edit'],
    'log' => ['head@cinder-quay.example', '/school/log'],
    'jobs' => ['head@cinder-quay.example', '/school/jobs'],
    'outbox' => ['head@cinder-quay.example', '/school/outbox'],
    'bench tablets' => ['head@cinder-quay.example', '/school/tablets'],
    'account' => ['head@cinder-quay.example', '/account'],
    'people from a spreadsheet' => ['head@cinder-quay.example', '/people/file'],
    'data of a student' => ['head@cinder-quay.example', '/people/2/data'],
    'settings' => ['head@cinder-quay.example', '/school/settings'],
    'children' => ['guardian@cinder-quay.example', '/children'],
    'a starter' => ['head@cinder-quay.example', '/school/starters/attacks-only'],
    'nothing there' => ['head@cinder-quay.example', '/attacks/999999'],
    'my ladder' => ['student@cinder-quay.example', '/people/1'],
    'not mine' => ['student@cinder-quay.example', '/wall'],
    'an empty wall' => ['head@lantern-pier.example', '/wall'],
    'no attacks yet' => ['head@lantern-pier.example', '/attacks'],
    'no answers yet' => ['head@lantern-pier.example', '/answers'],
    'nobody yet' => ['head@lantern-pier.example', '/people'],
    'no basics yet' => ['head@lantern-pier.example', '/basics'],
    'no lists yet' => ['head@lantern-pier.example', '/drill-lists'],
    'no classes yet' => ['head@lantern-pier.example', '/classes'],
    'no tests yet' => ['head@lantern-pier.example', '/tests'],
    'an empty board' => ['head@lantern-pier.example', '/board'],
    'nothing learnt yet' => ['head@lantern-pier.example', '/evidence'],
    'a Mat without a student' => ['head@lantern-pier.example', '/mat'],
    'nobody to record' => ['head@lantern-pier.example', '/record'],
    'a school without a rank' => ['head@lantern-pier.example', '/school'],
]);

it('has nothing that axe finds, minor or not, and no complaint of the browser', function (
    ?string $who,
    string $path,
): void {
    if ($who !== null) {
        $this->signIn($who);
    }
    $this->complaints();
    $this->visit($path)->waitFor('h1');
    foreach ($this->browser->findElements(Facebook\WebDriver\WebDriverBy::tagName('details')) as $details) {
        $this->browser->executeScript('arguments[0].open = true', [$details]);
    }
    expect($this->violations())->toBe([]);
    expect(
        array_filter(
            $this->complaints(),
            fn (string $said): bool => ! str_contains($said, '404') && ! str_contains($said, '403'),
        ),
    )->toBe([]);
})->with('screens');

it('is dark where the browser asks for it, with enough contrast, and not on paper', function (
    string $who,
    string $path,
): void {
    $tools = new Facebook\WebDriver\Chrome\ChromeDevToolsDriver($this->browser);
    $this->signIn($who)->visit($path)->waitFor('h1');
    $light = fn (): float => (float) $this->browser->executeScript(
        'return getComputedStyle(document.body).backgroundColor.match(/\d+/g).slice(0, 3).reduce((sum, one) => sum + Number(one), 0) / 765',
    );
    expect($light())->toBeGreaterThan(0.8);
    $tools->execute('Emulation.setEmulatedMedia', [
        'features' => [['name' => 'prefers-color-scheme', 'value' => 'dark']],
    ]);
    try {
        expect($light())->toBeLessThan(0.2)->and($this->violations())->toBe([]);
        $tools->execute('Emulation.setEmulatedMedia', [
            'media' => 'print',
            'features' => [['name' => 'prefers-color-scheme', 'value' => 'dark']],
        ]);
        expect($light())->toBeGreaterThan(0.8);
    } finally {
        $tools->execute('Emulation.setEmulatedMedia', ['media' => '', 'features' => []]);
    }
})->with([
    'the wall' => ['head@cinder-quay.example', '/wall'],
    'the rose' => ['head@cinder-quay.example', '/wall/rose'],
    'an attack' => ['head@cinder-quay.example', '/attacks/1'],
    'the workbench' => ['head@cinder-quay.example', '/answers/1/edit'],
    'side by side' => ['head@cinder-quay.example', '/answers/1/beside'],
    'a clip' => ['head@cinder-quay.example', '/footage/1'],
    'a ladder' => ['head@cinder-quay.example', '/people/1'],
    'the board' => ['head@cinder-quay.example', '/board'],
    'a test' => ['head@cinder-quay.example', '/tests/1'],
    'an empty wall' => ['head@lantern-pier.example', '/wall'],
    'at home' => ['student@cinder-quay.example', '/people/1/home'],
]);
