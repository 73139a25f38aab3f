<?php

declare(strict_types=1);

namespace App\Persistence;

use Illuminate\Cache\Lock;
use Illuminate\Container\Attributes\Cache;
use Illuminate\Contracts\Cache\LockProvider;
use Illuminate\Contracts\Cache\LockTimeoutException;
use Illuminate\Contracts\Cache\Repository;
use StoneDrill\Core\Rules;

/**
 * What was worked out of a school's rows, kept until they or the rules change. The newest takes the place of what was
 * kept before. However many ask at once, one works it out. Two releases on one database keep what is theirs apart.
 */
final readonly class RevisionCache
{
    /** Seconds for which one request may work, and for which others wait for it. */
    private const WORK = 60;
    private const WAIT = 2;

    /** Milliseconds after which whoever waits looks again. */
    private const LOOK = 25;

    /** Bytes up to which something goes into the memory of a machine. */
    private const NEAR = 4_000_000;

    /**
     * @param ReadRevisions $atHand what this request has read, so that it reads nothing twice
     * @param Repository    $memory of the machine
     */
    public function __construct(
        private Repository $cache,
        private ReadRevisions $atHand,
        #[Cache('memory')]
        private Repository $memory,
    ) {}

    /**
     * @template T
     *
     * @param string        $revision of everything it depends on
     * @param int           $seconds  after which it is worked out anew all the same
     * @param callable(): T $work
     *
     * @return T
     */
    public function of(string $name, string $revision, int $seconds, callable $work): mixed
    {
        if ($this->has($name, $revision)) {
            return $this->known($name, $revision);
        }
        $store = $this->cache->getStore();
        if (! ($store instanceof LockProvider)) {
            return $this->keep($name, $revision, $seconds, $work());
        }
        /** @var Lock $lock */
        $lock = $store->lock('work:'.self::named($name), self::WORK);
        try {
            Aside::keep(static fn (): mixed => $lock->betweenBlockedAttemptsSleepFor(self::LOOK)->block(self::WAIT));
        } catch (LockTimeoutException) {
            // Whoever works has died, or needs long: rather twice than not at all.
            return $this->keep($name, $revision, $seconds, $work());
        }
        // Whoever worked meanwhile has kept it.
        unset($this->atHand->others[$name]);
        try {
            return $this->has($name, $revision)
                ? $this->known($name, $revision)
                : $this->keep($name, $revision, $seconds, $work());
        } finally {
            Aside::keep(static fn (): bool => $lock->release());
        }
    }

    /**
     * The same of what nearly every page reads: it is kept in the memory of each machine, too, where it is found in
     * half the time. Nothing but the revision decides what it is.
     *
     * @template T
     *
     * @param callable(): T $work
     *
     * @return T
     */
    public function near(string $name, string $revision, int $seconds, callable $work): mixed
    {
        if (! self::isOf($this->atHand->values[$name] ?? null, $revision)) {
            $kept = $this->memory->get(self::named($name));
            if (self::isOf($kept, $revision)) {
                $this->atHand->values[$name] = $kept;
            } else {
                $kept = [$revision, $this->of($name, $revision, $seconds, $work)];
                if (strlen(serialize($kept)) <= self::NEAR) {
                    $this->memory->put(self::named($name), $kept, $seconds);
                }
            }
        }

        return $this->of($name, $revision, $seconds, $work);
    }

    /** What is kept of that revision; null where nothing is. */
    public function known(string $name, string $revision): mixed
    {
        return $this->look($name, $revision)[1] ?? null;
    }

    /**
     * @template T
     *
     * @param T $value
     *
     * @return T
     */
    public function keep(string $name, string $revision, int $seconds, mixed $value): mixed
    {
        $this->hold($name, $revision, $value);
        $this->put($name, $revision, $seconds, $value);

        return $value;
    }

    /**
     * The same, written once whoever asked has been answered.
     *
     * @template T
     *
     * @param T $value
     *
     * @return T
     */
    public function keepAfterwards(string $name, string $revision, int $seconds, mixed $value): mixed
    {
        $this->hold($name, $revision, $value);
        defer(fn () => $this->put($name, $revision, $seconds, $value), "keep:{$name}");

        return $value;
    }

    /** What is kept under a name while a job works out what is now; null where nothing is. */
    public function meanwhile(string $name): mixed
    {
        $this->fallBehind();

        return $this->latest($name);
    }

    /** Says that what is told waits for a job: a page of it is not kept. */
    public function fallBehind(): void
    {
        $this->atHand->isBehind = true;
    }

    /** What is kept under a name whatever the revision; null where nothing is. */
    public function latest(string $name): mixed
    {
        $kept = $this->atHand->others[$name] ?? $this->atHand->values[$name] ?? $this->other($name);

        return is_array($kept) ? $kept[1] ?? null : null;
    }

    /** The name under which this release keeps it: what another one keeps has other shapes, and other words. */
    public static function named(string $name): string
    {
        static $release = null;
        $release ??= Rules::VERSION.':'.hash('xxh32', base_path());

        return "{$release}:{$name}";
    }

    /** Has it at hand for what else is asked in this request. */
    private function hold(string $name, string $revision, mixed $value): void
    {
        $this->atHand->values[$name] = [$revision, $value];
        unset($this->atHand->others[$name]);
    }

    private function put(string $name, string $revision, int $seconds, mixed $value): void
    {
        Aside::keep(fn (): bool => $this->cache->put(self::named($name), [$revision, $value], $seconds));
    }

    /** @phpstan-impure others keep meanwhile */
    private function has(string $name, string $revision): bool
    {
        return $this->look($name, $revision) !== null;
    }

    /** @return array{string, mixed}|null the revision and the value; null where nothing of that revision is kept */
    private function look(string $name, string $revision): ?array
    {
        if (! self::isOf($this->atHand->values[$name] ?? null, $revision)) {
            $kept = $this->other($name);
            if (! self::isOf($kept, $revision)) {
                return null;
            }
            $this->atHand->values[$name] = $kept;
            unset($this->atHand->others[$name]);
        }

        return $this->atHand->values[$name];
    }

    /** What is kept of whatever revision, read once. */
    private function other(string $name): mixed
    {
        if (! array_key_exists($name, $this->atHand->others)) {
            $this->atHand->others[$name] = $this->cache->get(self::named($name));
        }

        return $this->atHand->others[$name];
    }

    /** @phpstan-assert-if-true array{string, mixed} $kept */
    private static function isOf(mixed $kept, string $revision): bool
    {
        return is_array($kept) && ($kept[0] ?? null) === $revision;
    }
}
