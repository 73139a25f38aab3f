<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Tests\Feature\FootageFixture;

beforeEach(function (): void {
    $this->file = function (string $name, string $bytes): string {
        file_put_contents($path = sys_get_temp_dir().'/'.bin2hex(random_bytes(4)).'-'.$name, $bytes);

        return $path;
    };
    $this->script = fn (string $code, mixed ...$with): mixed => $this->browser->executeScript($code, $with);
    $this->attach = fn (string $path) => $this->find('#file')->sendKeys($path);
    /**
     * Where the clip is, which beat is shown, where the cursor of the score is in seconds, and whether the clip stands.
     */
    $this->now = function (): array {
        $now = ($this->script)(
            <<<'JS'
            const score = document.querySelector('.score-drawing');
            const moved = Number(document.querySelector('[data-cursor]').getAttribute('transform').match(/-?[\d.]+/)[0]);
            const video = document.querySelector('video');
            return [video.currentTime, [...document.querySelectorAll('.floor-said [data-beat]')].find((beat) => !beat.hidden).dataset.beat, moved / Number(score.dataset.scoreScale), video.paused];
            JS
            ,
        );

        return ['clip' => (float) $now[0], 'beat' => $now[1], 'score' => (float) $now[2], 'paused' => $now[3]];
    };
});

it(
    'takes a clip of an answer, marks its beats by a key while it plays, and runs it with the floor on one cursor',
    function (): void {
        $this->signIn('instructor@cinder-quay.example')
            ->visit('/answers')
            ->press('Kept hand')
            ->press('Add a picture or a clip');
        ($this->attach)(($this->file)('swing.mp4', FootageFixture::clip('mp4', ['-g', '1'], 6)));
        $this->fill('caption', 'In the loft');
        $this->find('#agreed')->click();
        $this->press('Send')->see('It has arrived, and is being prepared.');
        // The job that prepares it is over after a while, and the page shows it by itself.
        $this->waitFor('.footage-list img');
        expect($this->path())->toMatch('#^/answers/\d+$#')->and($this->violations())->toBe([]);
        $this->press('In the loft')->waitFor('[name="beats_at[]"]');
        $this->until(fn (): bool => ($this->script)('return document.querySelector("video").readyState >= 2'));
        expect($this->violations())->toBe([]);

        $beats = (int) ($this->script)('return document.querySelectorAll(\'[name="beats_at[]"]\').length');
        ($this->script)('const video = document.querySelector("video"); video.muted = true; video.play()');
        for ($mark = 0; $mark < $beats; $mark++) {
            $this->until(
                fn (): bool => ($this->script)(
                    'return document.querySelector("video").currentTime > '.(0.4 + 0.8 * $mark),
                ),
            );
            $this->key('i');
        }
        ($this->script)('document.querySelector("video").pause()');
        $this->press('Save')->see('Saved.');
        $this->until(fn (): bool => ($this->script)('return document.querySelector("video")?.readyState >= 2'));
        $marks = array_map(
            floatval(...),
            (array) ($this->script)(
                'return [...document.querySelectorAll(\'[name="beats_at[]"]\')].map((field) => field.value)',
            ),
        );
        $times = array_map(
            floatval(...),
            (array) ($this->script)(
                'return [...document.querySelectorAll(".floor-said [data-beat]")].filter((beat) => beat.dataset.track === "").map((beat) => beat.dataset.time)',
            ),
        );
        expect($marks)->toHaveCount($beats)->and($marks[1])->toBeGreaterThan(1.2)->and(count($times))->toBe($beats);

        // A step on the floor leads the clip there, and moving the clip leads the floor.
        $this->find('[data-stage]')->sendKeys(Facebook\WebDriver\WebDriverKeys::ARROW_RIGHT);
        $this->until(fn (): bool => abs(($this->now)()['clip'] - $marks[1]) < 0.1);
        expect(($this->now)()['beat'])->toBe('1');
        ($this->script)('document.querySelector("video").currentTime = arguments[0]', $marks[0] + 0.1);
        $this->until(fn (): bool => ($this->now)()['beat'] === '0');

        // While it plays, the cursor is where the clip is: in the same share of the same beat.
        $this->find('[data-play]')->click();
        $this->until(fn (): bool => ($this->now)()['clip'] > $marks[0] + 0.3);
        foreach (range(1, 5) as $ignored) {
            $now = ($this->now)();
            $beat = max(0, count(array_filter($marks, fn (float $mark): bool => $mark <= $now['clip'])) - 1);
            $share = $beat + 1 < $beats ? ($now['clip'] - $marks[$beat]) / ($marks[$beat + 1] - $marks[$beat]) : 1.0;
            $wanted = $beat + 1 < $beats
                ? $times[$beat] + $share * ($times[$beat + 1] - $times[$beat])
                : $times[$beats - 1];
            expect(abs($now['score'] - $wanted))->toBeLessThan(
                0.15 * ($times[min($beat + 1, $beats - 1)] - $times[max(0, min($beat, $beats - 2))]) + 0.02,
            );
            usleep(200_000);
        }
        $this->find('[data-play]')->click();
        $this->until(fn (): bool => ($this->now)()['paused']);

        // One beat over and over: the clip never leaves it.
        $this->find('[data-stage]')->sendKeys(
            Facebook\WebDriver\WebDriverKeys::HOME,
            Facebook\WebDriver\WebDriverKeys::ARROW_RIGHT,
        );
        $this->find('[data-loop]')->click();
        $this->find('[data-play]')->click();
        $seen = [];
        foreach (range(1, 12) as $ignored) {
            usleep(150_000);
            $seen[] = ($this->now)()['clip'];
        }
        expect(min($seen))->toBeGreaterThan($marks[0] - 0.15)
            ->and(max($seen))->toBeLessThan($marks[1] + 0.15);
        // It went back at least once.
        expect(
            array_filter(
                array_map(fn (float $a, float $b): bool => $b < $a, array_slice($seen, 0, -1), array_slice($seen, 1)),
            ),
        )->not->toBe([]);
        $this->find('[data-play]')->click();
        $this->press('Delete')->press('Yes')->see('It is deleted, with its file.');
    },
);

it(
    'says before anything is sent that a file is too large, and what is wrong with one that holds something else',
    function (): void {
        $this->signIn('instructor@cinder-quay.example')->visit('/attacks')->visit('/attacks/2/footage/create');
        $large = ($this->file)('large.mp4', '');
        $stream = fopen($large, 'cb');
        ftruncate($stream, 2_000_000_000);
        fclose($stream);
        ($this->attach)($large);
        $this->see('has 2000 MB. The most is 64 MB.');
        $this->find('#agreed')->click();
        $this->press('Send');
        expect($this->path())->toBe('/attacks/2/footage/create');
        unlink($large);
        $this->visit('/attacks/2/footage/create');
        ($this->attach)(($this->file)('holiday.jpg', '<?php phpinfo();'));
        $this->fill('caption', 'Kept as typed');
        $this->find('#agreed')->click();
        $this->press('Send')->see('holds no JPEG, PNG, WebP, MP4 or WebM, but text/x-php.');
        expect($this->find('[name="caption"]')->getAttribute('value'))->toBe('Kept as typed')
            ->and($this->find('#agreed')->isSelected())->toBeTrue()
            ->and($this->violations())->toBe([]);
    },
);

it('shows the mistake of a clip on the floor as it is made, and lets nobody change it who may not', function (): void {
    $this->signIn('assistant@cinder-quay.example')
        ->visit('/answers')
        ->press('Thumb gate')
        ->press('Mistake: pulls against four fingers instead of the thumb: The hold stays');
    $this->waitFor('.floor-stage');
    $beats = implode(
        ' ',
        (array) ($this->script)(
            'return [...document.querySelectorAll(".floor-said [data-beat]")].map((beat) => beat.textContent)',
        ),
    );
    expect($beats)->toContain('strip toward fingers')
        ->not->toContain('strip toward thumb')
        ->and($this->browser->findElements(WebDriverBy::cssSelector('form [name="caption"]')))->toBe([])
        ->and($this->find('[name="beats_at[]"]')->getAttribute('readonly'))->toBe('true')
        ->and($this->violations())->toBe([]);
});
