<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;

/** What of a drawing is shown now, by the drawing's selector. */
const SHOWN = 'return Object.fromEntries(arguments[0].map(at => [at, [...document.querySelectorAll(at + " [data-frame]")].filter(g => !g.classList.contains("not-now")).map(g => g.dataset.frame).join()]))';

const ABOVE = '[data-stage] .floor-drawing:not(.side-drawing)';
const SIDE = '[data-stage] .side-drawing';

/** How far the cursor of the score is from where time begins, in seconds. */
const CURSOR = 'const s = document.querySelector(".score-drawing"); const m = /translate\(([-\d.]+)/.exec(s.querySelector("[data-cursor]").getAttribute("transform") ?? "translate(0"); return Number(m[1]) / Number(s.dataset.scoreScale)';

it('walks three drawings with one cursor, by keys, by the slider and by a press on the score', function (): void {
    $this->signIn('assistant@cinder-quay.example')->visit('/answers/1')->waitFor('[data-stage]');
    $both = fn (): array => $this->browser->executeScript(SHOWN, [[ABOVE, SIDE]]);
    expect($both())->toBe([ABOVE => '0', SIDE => '0']);

    // The first beat of Thumb gate is over after .35 s, the second after .70 s, as the words under the floor say.
    $this->floorKey(WebDriverKeys::ARROW_RIGHT);
    expect($both())->toBe([ABOVE => '1', SIDE => '1'])
        ->and($this->browser->executeScript(CURSOR))->toEqualWithDelta(0.35, 0.011);
    $this->floorKey(WebDriverKeys::ARROW_RIGHT);
    expect($both())->toBe([ABOVE => '2', SIDE => '2'])
        ->and($this->browser->executeScript(CURSOR))->toEqualWithDelta(0.7, 0.011);

    $this->browser->executeScript(
        'const r = document.querySelector("[data-scrub]"); r.value = 3; r.dispatchEvent(new Event("input", {bubbles: true}))',
    );
    expect($both())->toBe([ABOVE => '3', SIDE => '3'])
        ->and($this->browser->executeScript(CURSOR))->toEqualWithDelta(1.7, 0.011);

    $this->find('.score-bar[data-jump="1"] rect')->click();
    expect($both())->toBe([ABOVE => '1', SIDE => '1']);
    expect($this->complaints())->toBe([]);
});

it('moves while it plays, and steps for whom nothing should move', function (): void {
    $this->signIn('assistant@cinder-quay.example')->visit('/answers/1')->waitFor('[data-stage]');
    $this->rest();
    // A quarter as fast, so that it is under way long enough to be looked at: the last beat takes 1.00 s, then 4.
    $slowest = $this->browser->executeScript(
        'const s = document.querySelector("[data-slow]"); s.value = [...s.options].map(o => o.value).sort()[0]; return Number(s.value)',
    );
    expect($slowest)->toBeLessThan(1)->toBeGreaterThan(0);
    $this->press('Play')->see('Stop');
    $this->until(
        fn (): bool => (int) $this->browser->executeScript(
            'return document.querySelectorAll("[data-stage] .moving [data-body]").length',
        ) >= 4,
    );
    $first = $this->browser->executeScript('return document.querySelector("[data-stage] .moving").innerHTML');
    $this->until(
        fn (): bool => $this->browser->executeScript(
            'return document.querySelector("[data-stage] .moving")?.innerHTML',
        ) !== $first,
    );
    $this->press('Stop')->see('Play');
    expect($this->browser->executeScript('return document.querySelectorAll(".moving").length'))->toBe(0);

    $tools = new Facebook\WebDriver\Chrome\ChromeDevToolsDriver($this->browser);
    $tools->execute('Emulation.setEmulatedMedia', [
        'features' => [['name' => 'prefers-reduced-motion', 'value' => 'reduce']],
    ]);
    try {
        $this->visit('/answers/1')->waitFor('[data-stage]');
        $this->rest()->press('Play');
        $this->until(fn (): bool => $this->floor()[0] === '3');
        expect($this->browser->executeScript('return document.querySelectorAll(".moving").length'))->toBe(0);
    } finally {
        $tools->execute('Emulation.setEmulatedMedia', ['features' => []]);
    }
});

it('shades where to step, for another beat and another strike', function (): void {
    $this->signIn('assistant@cinder-quay.example')->visit('/answers/11')->waitFor('#field-title');
    $this->browser->executeScript('document.querySelector("#field-title").scrollIntoView()');
    $this->waitFor('.field-drawing');
    $before = $this->browser->executeScript('return document.querySelector(".field-drawing").innerHTML');

    $this->browser->executeScript(
        'const s = document.querySelector("[name=beat]"); s.value = s.options[s.options.length - 1].value; s.dispatchEvent(new Event("change", {bubbles: true}))',
    );
    $this->until(
        fn (): bool => $this->browser->executeScript('return document.querySelector(".field-drawing").innerHTML')
            !== $before,
    );
    $this->rest();

    $strike = $this->find('[name=strike]');
    $strike->sendKeys([WebDriverKeys::CONTROL, 'a']);
    $strike->sendKeys('left knee groin'.WebDriverKeys::ENTER);
    $this->rest();
    expect($this->find('[name=strike]')->getAttribute('value'))->toBe('left knee groin');

    // Smaller bodies step elsewhere: the field follows what is chosen above it.
    $now = $this->browser->executeScript('return document.querySelector(".field-drawing").innerHTML');
    $this->browser->executeScript(
        'const s = document.querySelector("[data-size-you]"); s.value = "small"; s.dispatchEvent(new Event("change", {bubbles: true}))',
    );
    $this->until(
        fn (): bool => $this->browser->executeScript('return document.querySelector(".field-drawing").innerHTML')
            !== $now,
    );
    expect($this->complaints())->toBe([]);
});

it('takes the bodies of a press in the table, and of the sliders', function (): void {
    $this->signIn('assistant@cinder-quay.example')->visit('/answers/11')->waitFor('.whom-table');
    $cells = $this->browser->findElements(WebDriverBy::cssSelector('.whom-table button'));
    $beat = fn (): string => $this->browser->executeScript(
        'return document.querySelector("[data-beat=\'1\']").innerHTML',
    );
    // Four sizes against four, and students below.
    expect(count($cells))->toBeGreaterThan(16);
    $told = $beat();
    // What is loaded on the way down moves what is below it.
    $this->browser->executeScript('arguments[0].scrollIntoView({block: "center"})', [$cells[4]]);
    $this->waitFor('.field-drawing');
    $this->rest()->browser->executeScript('arguments[0].scrollIntoView({block: "center"})', [$cells[4]]);
    $cells[4]->click();
    $this->rest()->until(fn (): bool => $beat() !== $told);
    // The second row is of the small, the first column of a child.
    expect(
        $this->browser->executeScript(
            'return ["you", "attacker"].map(who => document.querySelector(`[data-size-${who}]`).selectedOptions[0].textContent.trim())',
        ),
    )->toBe(['small, 1.52 m', 'child, 1.25 m']);

    $told = $beat();
    $this->browser->executeScript(
        'const r = document.querySelector("[data-stature=defender]"); r.value = 2.05; r.dispatchEvent(new Event("input", {bubbles: true})); r.dispatchEvent(new Event("change", {bubbles: true}))',
    );
    expect(
        $this->browser->executeScript(
            'return document.querySelector("[data-stature=defender]").parentElement.querySelector("output").textContent.trim()',
        ),
    )->toContain('2.05');
    $this->rest()->until(fn (): bool => $beat() !== $told);
    expect($this->complaints())->toBe([]);
});

it('walks two things side by side', function (): void {
    $this->signIn('assistant@cinder-quay.example')->visit('/answers/1/beside')->waitFor('.beside-beats');
    $halves = fn (): array => $this->browser->executeScript(SHOWN, [
        ['[data-half=left] .side-drawing', '[data-half=right] .side-drawing'],
    ]);
    $row = fn (): array => $this->browser->executeScript(
        'const b = document.querySelector(".beside-beats [aria-current=true]"); return [b.dataset.left, b.dataset.right]',
    );
    expect(array_values($halves()))->toBe($row());
    $start = $row();

    $this->find('.beside-floors')->sendKeys(WebDriverKeys::ARROW_RIGHT);
    expect(array_values($halves()))->toBe($row())->and($row())->not->toBe($start);
    $rows = $this->browser->findElements(WebDriverBy::cssSelector('.beside-beats button'));
    $last = $rows[count($rows) - 1];
    $this->browser->executeScript('arguments[0].scrollIntoView({block: "center"})', [$last]);
    $last->click();
    expect($row())->toBe([$last->getAttribute('data-left'), $last->getAttribute('data-right')])
        ->and(array_values($halves()))->toBe($row());

    // Another one is chosen from the list.
    $this->browser->executeScript(
        'const s = document.querySelector("[name=with]"); s.value = [...s.options].map(o => o.value).find(v => v.startsWith("bodies-"))',
    );
    $this->press('Show')->until(fn (): bool => str_contains($this->browser->getCurrentURL(), 'with=bodies-'));
    $this->waitFor('.beside-beats');
    expect($this->complaints())->toBe([]);
});

it('saves each view as a file that stands alone', function (): void {
    $this->signIn('assistant@cinder-quay.example')->visit('/answers/1')->waitFor('[data-stage]');
    $files = $this->browser->executeAsyncScript(
        'const done = arguments[arguments.length - 1]; Promise.all([...document.querySelectorAll("a[download][href*=view]")].map(a => fetch(a.href).then(r => r.text()))).then(done)',
    );
    expect($files)->toHaveCount(3);
    foreach ($files as $file) {
        $svg = simplexml_load_string((string) $file);
        // Nothing of it is elsewhere.
        expect($svg)->not->toBeFalse()
            ->and($svg->getName())->toBe('svg')
            ->and((string) $file)->not->toContain('href="http')
            ->not->toContain('url(http')
            ->not->toContain('x-on:');
    }
});

it('lists the ladder and the wall on a phone, and leads on from a row', function (): void {
    $this->resize(390, 844);
    $this->signIn('head@cinder-quay.example')->visit('/wall')->waitFor('.wall-listed');
    $visible = fn (string $at): bool => $this->browser->executeScript(
        'const e = document.querySelector(arguments[0]); return e !== null && e.getBoundingClientRect().height > 0',
        [$at],
    );
    expect($visible('.wall-listed'))->toBeTrue()->and($visible('svg.drawing'))->toBeFalse();
    // Holes come first in every rank, and their numbers lead to the list below.
    $order = $this->browser->executeScript(
        'return [...document.querySelectorAll(".wall-listed details")].map(d => [...d.querySelectorAll("li")].map(l => l.classList.contains("is-hole")))',
    );
    foreach ($order as $rows) {
        $sorted = $rows;
        rsort($sorted);
        expect($rows)->toBe($sorted);
    }
    $links = $this->browser->executeScript(
        'return [...document.querySelectorAll(".wall-listed .hole-number")].map(a => document.querySelector(a.getAttribute("href")) !== null)',
    );
    expect($links)->not->toBe([])->and($links)->not->toContain(false);

    $this->resize(1280, 800);
    expect($visible('.wall-listed'))->toBeFalse()->and($visible('svg.drawing'))->toBeTrue();

    $this->resize(390, 844);
    $this->visit('/people/1')->waitFor('.rungs');
    expect(
        $this->browser->executeScript(
            'return [...document.querySelectorAll(".rungs svg text, .rungs svg g")].some(e => (e.getAttribute("transform") ?? "").includes("rotate"))',
        ),
    )->toBeFalse();
    $link = $this->find('.rungs li a');
    $this->browser->executeScript('arguments[0].scrollIntoView({block: "center"})', [$link]);
    $link->click();
    $this->until(fn (): bool => str_contains($this->browser->getCurrentURL(), '?attack='));
    expect($this->complaints())->toBe([]);
});

it('saves a drawing as a file that stands alone', function (string $page, string $name): void {
    $this->signIn('head@cinder-quay.example')->visit($page)->waitFor('[data-save-drawing]');
    // What is given is caught instead of being put into a folder of downloads.
    $this->browser->executeScript(
        'URL.createObjectURL = (file) => { window.given = file; return "#given"; }; HTMLAnchorElement.prototype.click = function () { window.givenAs = this.download; };',
    );
    $this->find("[data-save-drawing][data-name='{$name}']")->click();
    $file = $this->browser->executeAsyncScript(
        'const done = arguments[0]; const reader = new FileReader(); reader.onload = () => { const image = new Image(); image.onload = () => done([window.givenAs, image.naturalWidth > 100, atob(reader.result.split(",")[1])]); image.onerror = () => done([window.givenAs, false, ""]); image.src = reader.result; }; reader.readAsDataURL(window.given);',
    );
    expect([$file[0], $file[1]])->toBe(["{$name}.svg", true])
        ->and($file[2])->toContain('<svg')
        ->toContain('stroke="rgb(')
        ->not->toContain('class=');
    expect($this->complaints())->toBe([]);
})->with([
    'an attack from the side' => ['/attacks/1', 'wrist-across-pull-side'],
    'the feet of a stance' => ['/basics/1', 'stance-ready-feet'],
    'the load of the ranks' => ['/wall/ranks', 'load'],
]);

it('prints with tape what the floor shows: the side and the bodies chosen there', function (): void {
    $this->signIn('assistant@cinder-quay.example')->visit('/answers/1')->waitFor('[data-stage]');
    $this->find('#bench-settings [name=side]')->click();
    $this->choose('attacker', 'large');
    $asked = $this->browser->executeScript(
        'const b = document.querySelector("button[formaction]"); return b.formAction + "?" + new URLSearchParams(new FormData(b.form, b))',
    );
    expect($asked)->toContain('tape.pdf?', 'side=mirrored', 'attacker=large', 'student=', 'against=');
    $type = $this->browser->executeAsyncScript(
        'fetch(arguments[0]).then((answer) => arguments[1](answer.status + " " + answer.headers.get("content-type")))',
        [$asked],
    );
    expect($type)->toBe('200 application/pdf');
});
