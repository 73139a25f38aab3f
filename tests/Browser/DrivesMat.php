<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** What tests of the mat do again and again. */
trait DrivesMat
{
    /**
     * Opens the mat and sets up a drill for some people.
     *
     * @param list<string>          $names
     * @param array<string, string> $more  by name of the field
     */
    protected function setUpDrill(array $names, int $rung = 3, array $more = []): self
    {
        $this->visit('/mat')->see('Set up a drill')->until(fn (): bool => (bool) $this->mat('Boolean(mat.kit)'));
        foreach ($names as $name) {
            $this->browser
                ->findElement(
                    WebDriverBy::xpath(
                        "//label[contains(@class, 'person')][.//strong[normalize-space()='{$name}']]//input",
                    ),
                )
                ->click();
        }
        $this->choose('rung', (string) $rung);
        foreach ($more as $field => $value) {
            $this->fill($field, $value);
        }

        return $this;
    }

    /** Whether the device keeps the mat with all that it needs to open without a network. */
    protected function isKept(): bool
    {
        return (bool) $this->browser->executeAsyncScript(
            'const done = arguments[arguments.length - 1]; navigator.serviceWorker.ready.then(async () => { const shelf = await caches.open((await caches.keys()).find(name => name.startsWith("mat-")) ?? "none"); const keys = (await shelf.keys()).map(one => new URL(one.url).pathname); done(keys.includes("/mat") && keys.some(one => one.endsWith(".css")) && keys.some(one => one.endsWith(".js")) && Boolean(document.querySelector(".mat-drill")._x_dataStack[0].kit)) })',
        );
    }

    /** What a script says that knows the mat of the page as `mat`. */
    protected function mat(string $script): mixed
    {
        return $this->browser->executeScript(
            "const mat = document.querySelector('.mat-drill')._x_dataStack[0]; return {$script}",
        );
    }

    /** Calls the next one, when a touch that follows on an outcome is no second one of it any more. */
    protected function callIt(): self
    {
        return $this->until(fn (): bool => (bool) $this->mat('Date.now() - (mat.recordedAt ?? 0) > 400'))->press(
            'Call it',
        );
    }

    /** One touch of an outcome, once it can be touched. */
    protected function outcome(string $outcome): self
    {
        $this->find("[data-outcome='{$outcome}']")->click();

        return $this;
    }

    /** How many reps the page of a student says that there are. */
    protected function repsOf(string $name): int
    {
        $this->visit('/people')->press($name)->see('Timeline');

        return (int) $this->browser->executeScript(
            'return document.querySelector(".lead-line").innerText.match(/(\d+) reps? prove/)?.[1] ?? "0"',
        );
    }

    /** The next test finds a device on which nothing was recorded. */
    protected function forgetDevice(): void
    {
        $this->browser->executeAsyncScript(
            'const done = arguments[arguments.length - 1]; const open = indexedDB.deleteDatabase("stone-drill"); open.onsuccess = open.onerror = open.onblocked = () => done(); document.dispatchEvent(new Event("visibilitychange"));',
        );
    }
}
