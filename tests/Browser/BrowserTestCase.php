<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Cookie;
use Facebook\WebDriver\Exception\ElementClickInterceptedException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\Exception\TimeoutException;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\Remote\RemoteWebElement;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverExpectedCondition;
use PHPUnit\Framework\TestCase;

/** Tests that drive the real interface: the server that bin/test started, in a headless Chromium. */
abstract class BrowserTestCase extends TestCase
{
    /** Longer than a loaded machine takes for anything here. */
    private const SECONDS = 45;

    private const PRESSES = 5;

    private static ?RemoteWebDriver $driver = null;

    protected RemoteWebDriver $browser;

    protected function setUp(): void
    {
        parent::setUp();
        $this->browser = self::$driver ??= self::open();
        $this->resize(1280, 800);
        // What the page of the test before still waits for would put its session back.
        $this->browser->get('about:blank');
        (new ChromeDevToolsDriver($this->browser))->execute('Network.clearBrowserCookies');
        // What the test before was told is its own.
        $this->complaints();
    }

    /** Where the browser goes; another server than the usual one where a test has its own. */
    protected ?string $base = null;

    protected function visit(string $path): self
    {
        $this->browser->get(($this->base ?? self::base()).$path);

        return $this;
    }

    protected function signIn(string $email, string $password = 'saltmarsh'): self
    {
        $this->visit('/sign-in');
        if ($this->path() !== '/sign-in') {
            // An answer to the page before has put its session back since.
            (new ChromeDevToolsDriver($this->browser))->execute('Network.clearBrowserCookies');
            $this->visit('/sign-in');
        }
        $this->fill('email', $email)->fill('password', $password)->press('Sign in');
        $this->waitFor('.who');

        return $this;
    }

    protected function resize(int $width, int $height): void
    {
        (new ChromeDevToolsDriver($this->browser))->execute('Emulation.setDeviceMetricsOverride', [
            'width' => $width,
            'height' => $height,
            'deviceScaleFactor' => 1,
            'mobile' => $width < 500,
        ]);
    }

    protected function fill(string $name, string $text): self
    {
        $field = $this->find("[name='{$name}']");
        $field->clear();
        $field->sendKeys($text);

        return $this;
    }

    protected function choose(string $id, string $value): self
    {
        $this->find("#{$id} option[value='{$value}']")->click();

        return $this;
    }

    /** Presses the button, or follows the link, that says this. */
    protected function press(string $words): self
    {
        $quoted = str_contains($words, "'") ? "\"{$words}\"" : "'{$words}'";
        $where = WebDriverExpectedCondition::elementToBeClickable(
            WebDriverBy::xpath(
                "//main//*[self::a or self::button][normalize-space()={$quoted} or strong[normalize-space()={$quoted}]] | //header//*[self::a or self::button][normalize-space()={$quoted}] | //dialog[@open]//button[normalize-space()={$quoted}]",
            ),
        );
        for ($tries = 1; ; $tries++) {
            try {
                $this->wait("What is pressed, “{$words}”,", $where)->click();

                return $this;
            } catch (StaleElementReferenceException | ElementClickInterceptedException $moved) {
                // The page put another in its place, or something over it, after it was found: a person presses again.
                if ($tries === self::PRESSES) {
                    throw $moved;
                }
                usleep(100_000);
            }
        }
    }

    /** What follows is looked for on the device whose cookies are put back. @return list<Cookie> those of now */
    protected function changeDevice(Cookie ...$cookies): array
    {
        $now = $this->browser->manage()->getCookies();
        $this->browser->manage()->deleteAllCookies();
        foreach ($cookies as $cookie) {
            $this->browser->manage()->addCookie($cookie);
        }

        return $now;
    }

    /**
     * Follows the link of the mail by which a school is started, which this installation shows instead of sending it.
     */
    protected function followMail(): self
    {
        $this->see('Look into your mail')->press('Open the mail')->waitFor('h1');
        // A job sends it: it may not be there yet.
        $this->until(
            fn (): bool => $this->visit('/begin/mailed?mail=1')->browser->findElements(
                WebDriverBy::cssSelector('.mail-text a'),
            ) !== [],
        );
        TestCase::assertSame([], $this->violations());
        $this->find('.mail-text a')->click();
        $this->see('you are its first head instructor');
        TestCase::assertSame([], $this->violations());

        return $this->press('Start the school');
    }

    /** One key, to whatever has the focus. */
    protected function key(string $key): void
    {
        $this->browser->getKeyboard()->pressKey($key);
        $this->browser->getKeyboard()->releaseKey($key);
    }

    protected function find(string $selector): RemoteWebElement
    {
        return $this->waitFor($selector);
    }

    protected function waitFor(string $selector): RemoteWebElement
    {
        return $this->wait(
            $selector,
            WebDriverExpectedCondition::presenceOfElementLocated(WebDriverBy::cssSelector($selector)),
        );
    }

    /** Scrolls to what a student has tried one by one, which comes then. */
    protected function seeLog(): self
    {
        $this->find('#timeline');
        $this->browser->executeScript('document.querySelector("#timeline").scrollIntoView()');
        $this->waitFor('svg.timeline');

        return $this;
    }

    /** Waits until the page says this, and fails when it never does. */
    protected function see(string $words): self
    {
        try {
            $this->browser->wait(self::SECONDS, 50)->until(fn (): bool => str_contains($this->said(), $words));
        } catch (TimeoutException $timeout) {
            throw $this->inVain("“{$words}”", $timeout);
        }
        $this->addToAssertionCount(1);

        return $this;
    }

    /** Waits until something is so. What is swapped out while it is looked at is looked at again. */
    protected function until(callable $isSo): self
    {
        $this->browser->wait(self::SECONDS, 50)->until(static function () use ($isSo): bool {
            try {
                return (bool) $isSo();
            } catch (StaleElementReferenceException) {
                return false;
            }
        });
        $this->addToAssertionCount(1);

        return $this;
    }

    /**
     * What the floor shows: the beat drawn, the beat told, and the place of the slider. @return array{string, string,
     * string}
     */
    protected function floor(): array
    {
        return $this->browser->executeScript(
            'const shown = [...new Set([...document.querySelectorAll("[data-stage] [data-frame]")].filter(g => !g.classList.contains("not-now")).map(g => g.dataset.frame))]; const told = [...document.querySelectorAll("[data-beat]")].filter(d => !d.hidden).map(d => d.dataset.beat); return [shown.join(), told.join(), document.querySelector("[data-scrub]").value]',
        );
    }

    /** Waits until everything that was typed is answered. */
    protected function rest(): self
    {
        $calm = 0;

        return $this->until(function () use (&$calm): bool {
            $calm = $this->browser->executeScript('return document.querySelector(".htmx-request") === null')
                ? $calm + 1
                : 0;

            return $calm >= 8;
        });
    }

    protected function floorKey(string $keys): self
    {
        $this->rest();
        $this->find('[data-stage]')->sendKeys($keys);

        return $this;
    }

    protected function said(): string
    {
        return (string) $this->browser->executeScript('return document.querySelector("main")?.innerText ?? ""');
    }

    protected function path(): string
    {
        return (string) parse_url($this->browser->getCurrentURL(), PHP_URL_PATH);
    }

    /** What axe finds on the page, minor things too. @return list<string> */
    protected function violations(): array
    {
        $this->browser->executeScript(
            (string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'),
        );

        return $this->browser->executeAsyncScript(
            'const done = arguments[arguments.length - 1]; axe.run().then(r => done(r.violations.map(v => v.id + ": " + v.nodes.slice(0, 3).map(n => n.html.slice(0, 160) + " " + n.failureSummary).join(" | "))))',
        );
    }

    /** What the browser complained of since last asked, which is nothing on a sound page. @return list<string> */
    protected function complaints(): array
    {
        return array_values(
            array_map(
                static fn (array $entry): string => $entry['message'],
                array_filter(
                    $this->browser->manage()->getLog('browser'),
                    static fn (array $entry): bool => $entry['level'] === 'SEVERE',
                ),
            ),
        );
    }

    private function wait(string $what, WebDriverExpectedCondition $condition): RemoteWebElement
    {
        try {
            return $this->browser->wait(self::SECONDS, 50)->until($condition);
        } catch (TimeoutException $timeout) {
            throw $this->inVain($what, $timeout);
        }
    }

    /** What was waited for in vain, with what the page says instead. */
    private function inVain(string $what, TimeoutException $timeout): TimeoutException
    {
        return new TimeoutException(
            "{$what} never was there. The page at {$this->path()} says:\n".mb_strimwidth($this->said(), 0, 1500, '…'),
            $timeout->getResults(),
        );
    }

    private static function base(): string
    {
        return (string) getenv('BROWSER_BASE');
    }

    private static function open(): RemoteWebDriver
    {
        $options = (new ChromeOptions())->addArguments([
            '--headless',
            '--no-sandbox',
            '--disable-gpu',
            '--disable-quic',
            '--no-first-run',
            '--disable-background-networking',
            '--disable-component-update',
            '--disable-sync',
            '--host-resolver-rules=MAP hall.example 127.0.0.1',
            '--user-data-dir='.getenv('BROWSER_PROFILE'),
        ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $driver = RemoteWebDriver::create((string) getenv('BROWSER_DRIVER'), $capabilities, 30_000, 60_000);
        register_shutdown_function(static fn () => $driver->quit());

        return $driver;
    }
}
