<?php

declare(strict_types=1);

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverBy;

/* Run by bench/key-to-drawn: address of the server, of ChromeDriver, a folder for the browser, and how many keys. */

require __DIR__.'/clock.php';

[, $base, $driver, $profile] = $argv;
$keys = (int) ($argv[4] ?? 25);
$capabilities = DesiredCapabilities::chrome();
$capabilities->setCapability(
    ChromeOptions::CAPABILITY,
    (new ChromeOptions())->addArguments([
        '--headless', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--window-size=1280,800',
        "--user-data-dir={$profile}",
    ]),
);
$browser = RemoteWebDriver::create($driver, $capabilities, 30_000, 60_000);
try {
    $browser->get("{$base}/sign-in");
    $browser->findElement(WebDriverBy::name('email'))->sendKeys('instructor@cinder-quay.example');
    $browser->findElement(WebDriverBy::name('password'))->sendKeys('saltmarsh')->submit();
    $browser->get("{$base}/answers/1/edit");
    sleep(2);
    // From the event of the key until the frame after the new floor is on the screen, in the page's own clock.
    $browser->executeScript(
        <<<'JS'
        window.times = [];
        let pressed = null;
        document.querySelector('#beats').addEventListener('input', () => { pressed = performance.now(); });
        new MutationObserver(() => {
            if (pressed === null) return;
            const from = pressed;
            pressed = null;
            requestAnimationFrame(() => setTimeout(() => window.times.push(performance.now() - from)));
        }).observe(document.querySelector('#floor-here'), { childList: true });
        JS
        ,
    );
    $text = $browser->findElement(WebDriverBy::id('beats'));
    foreach (range(1, $keys) as $number) {
        $text->sendKeys($number % 2 === 1 ? ' ' : "\u{E003}");
        $browser
            ->wait(5, 20)
            ->until(static fn (): bool => count($browser->executeScript('return window.times')) >= $number);
        usleep(150_000);
    }
    $times = array_map(floatval(...), $browser->executeScript('return window.times'));
    $empty = middle(static fn () => file_get_contents("{$base}/up"), 15);
    sort($times);
    $views = $browser->executeScript(
        'return document.querySelectorAll("#floor-here .floor-drawing, #floor-here .score-drawing").length',
    );
    printf(
        "%d keys, %d drawings each: median %.0f ms, nine in ten within %.0f ms, most %.0f ms (25 ms of it the rest after a key; 250 wanted)\nan empty page %.1f ms, reference %.2f ms\n",
        count($times),
        $views,
        $times[intdiv(count($times), 2)],
        $times[(int) floor(0.9 * (count($times) - 1))],
        end($times),
        $empty,
        reference(),
    );
} finally {
    $browser->quit();
}
