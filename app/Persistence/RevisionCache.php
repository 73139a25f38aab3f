<?php

declare(strict_types=1);

namespace App\Persistence;

use Illuminate\Contracts\Cache\LockTimeoutException;
use Illuminate\Support\Facades\Cache;
use StoneDrill\Core\Rules;

/**
 * What was worked out of a school's rows, kept until they or the rules change. The newest takes the place of what was kept
 * before. However many ask at once, one works it out.
 */
final readonly class RevisionCache
{
    /** Seconds for which one request may work, and for which others wait for it. */
    private const WORK = 60;
    private const WAIT = 20;

    /**
     * @template T
     *
     * @param string        $revision of everything it hangs on
     * @param int           $seconds  after which it is worked out anew all the same
     * @param callable(): T $work
     *
     * @return T
     */
    public static function of(string $name, string $revision, int $seconds, callable $work): mixed
    {
        if (self::has($name, $revision)) {
            return self::known($name, $revision);
        }
        try {
            return Cache::lock("work:{$name}", self::WORK)->block(self::WAIT, static fn (): mixed => self::has($name, $revision) ? self::known($name, $revision) : self::keep($name, $revision, $seconds, $work()));
        } catch (LockTimeoutException) {
            // Whoever works has died, or needs long: rather twice than not at all.
            return self::keep($name, $revision, $seconds, $work());
        }
    }

    /** What is kept of that revision; null where nothing is. */
    public static function known(string $name, string $revision): mixed
    {
        return self::look($name, $revision)[1] ?? null;
    }

    /**
     * @template T
     *
     * @param T $value
     *
     * @return T
     */
    public static function keep(string $name, string $revision, int $seconds, mixed $value): mixed
    {
        Cache::put($name, self::atHand()->values[$name] = [self::key($revision), $value], $seconds);

        return $value;
    }

    private static function has(string $name, string $revision): bool
    {
        return self::look($name, $revision) !== null;
    }

    /** @return array{string, mixed}|null the key and the value; null where nothing of that revision is kept */
    private static function look(string $name, string $revision): ?array
    {
        $atHand = self::atHand();
        $isWanted = static fn (mixed $kept): bool => is_array($kept) && $kept[0] === self::key($revision);
        if (! $isWanted($atHand->values[$name] ?? null)) {
            $kept = Cache::get($name);
            if (! $isWanted($kept)) {
                return null;
            }
            $atHand->values[$name] = $kept;
        }

        return $atHand->values[$name];
    }

    private static function atHand(): ReadRevisions
    {
        return app(ReadRevisions::class);
    }

    private static function key(string $revision): string
    {
        return Rules::VERSION.' '.$revision;
    }
}
