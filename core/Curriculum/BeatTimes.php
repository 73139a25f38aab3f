<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

use InvalidArgumentException;
use StoneDrill\Core\Technique\AnswerLimits;

/**
 * When each beat of an answer begins in a clip of it, in seconds from its first picture. One more than there are beats
 * tells when the last one is over.
 */
final readonly class BeatTimes
{
    public const MOST = AnswerLimits::BEATS + 1;

    /** Seconds between two of them, at the least: nobody presses a key faster. */
    public const APART = 0.05;

    /**
     * @param list<float> $seconds
     *
     * @throws InvalidArgumentException when they are none; see {@see are()}
     */
    public function __construct(public array $seconds = [])
    {
        if (! self::are($seconds)) {
            throw new InvalidArgumentException('Times of beats go up from 0, each later than the one before.');
        }
    }

    /**
     * Whether these can be such times: at most {@see MOST} of them, none before the clip begins, each after the one
     * before.
     *
     * @param list<float> $seconds
     */
    public static function are(array $seconds): bool
    {
        $before = -self::APART;
        foreach ($seconds as $second) {
            if (! is_finite($second) || $second < 0 || $second - $before < self::APART - 1e-9) {
                return false;
            }
            $before = $second;
        }

        return count($seconds) <= self::MOST;
    }

    /** Seconds that a beat takes in the clip, from 1; null where its begin or its end is not known. */
    public function ofBeat(int $number): ?float
    {
        return isset($this->seconds[$number - 1], $this->seconds[$number])
            ? $this->seconds[$number] - $this->seconds[$number - 1]
            : null;
    }
}
