<?php

declare(strict_types=1);

namespace StoneDrill\Core\Geometry;

use StoneDrill\Core\Text;

/**
 * A direction in the room's frame, seen from above, clockwise from 12 o'clock, whole minutes of the clock face
 * (half degrees) apart.
 */
final readonly class Bearing
{
    private const ROUND = 720;

    /** @param int<0, 719> $minutes minutes of the clock face from 12 o'clock; 2 minutes a degree */
    private function __construct(private int $minutes) {}

    /**
     * A bearing read off a clock face: `9`, `10:30`, `12`.
     *
     * @throws BearingException when it is no time from 1:00 to 12:59
     */
    public static function clock(string $time): self
    {
        if (preg_match('/^(1[0-2]|[1-9])(?::([0-5][0-9]))?$/D', $time, $match) !== 1) {
            throw BearingException::notOnTheClock($time);
        }

        return new self((max(0, (int) $match[1]) * 60 + max(0, (int) ($match[2] ?? 0))) % self::ROUND);
    }

    /**
     * A whole hour.
     *
     * @param int $hour 1 to 12
     *
     * @throws BearingException when the hour is not on the clock
     */
    public static function hour(int $hour): self
    {
        return self::clock((string) $hour);
    }

    /**
     * A bearing in degrees, clockwise from 12 o'clock; any turn is taken round.
     *
     * @throws BearingException when it is not a multiple of half a degree
     */
    public static function degrees(float $degrees): self
    {
        $minutes = $degrees * 2;
        if ($minutes !== floor($minutes)) {
            throw BearingException::tooFine($degrees);
        }

        return new self((((int) $minutes % self::ROUND) + self::ROUND) % self::ROUND);
    }

    /** Degrees clockwise from 12 o'clock, 0 to 359.5. */
    public function toDegrees(): float
    {
        return $this->minutes / 2;
    }

    /** The clock spelling, without minutes on the hour. */
    public function toClock(): string
    {
        $hour = intdiv($this->minutes, 60) ?: 12;
        $minute = $this->minutes % 60;

        return $minute === 0 ? (string) $hour : sprintf('%d:%02d', $hour, $minute);
    }

    /** The spelling a school chose. Between two of the eight directions, the nearer one carries the degrees. */
    public function spell(BearingStyle $style): Text
    {
        return match ($style) {
            BearingStyle::Clock => Text::plain($this->toClock()),
            BearingStyle::Degrees => Text::plain($this->toDegrees().'°'),
            BearingStyle::Directions => $this->direction(),
        };
    }

    public function mirror(): self
    {
        return new self((self::ROUND - $this->minutes) % self::ROUND);
    }

    public function opposite(): self
    {
        return new self(($this->minutes + self::ROUND / 2) % self::ROUND);
    }

    public function equals(self $other): bool
    {
        return $this->minutes === $other->minutes;
    }

    private function direction(): Text
    {
        $direction = Text::of('directions.'.(int) round($this->minutes / 90) % 8);

        return $this->minutes % 90 === 0
            ? $direction
            : Text::of('directions.between', ['direction' => $direction, 'degrees' => (string) $this->toDegrees()]);
    }
}
