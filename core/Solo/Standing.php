<?php

declare(strict_types=1);

namespace StoneDrill\Core\Solo;

use DateInterval;
use DateTimeImmutable;

/** How somebody stands in a basic or a form: by the last mark, which fades. */
enum Standing: string
{
    case Unmarked = 'unmarked';
    case NotYet = 'not-yet';
    case Rough = 'rough';
    case Faded = 'faded';
    case Sound = 'sound';

    /**
     * @param Mark|null              $mark     the last one
     * @param DateTimeImmutable|null $marked   when
     * @param float                  $halfLife days after which a rep weighs half: a sound mark is faded then
     */
    public static function of(?Mark $mark, ?DateTimeImmutable $marked, DateTimeImmutable $at, float $halfLife): self
    {
        return match (true) {
            $mark === null || $marked === null => self::Unmarked,
            $mark !== Mark::Sound => self::from($mark->value),
            $at->getTimestamp() >= $marked->getTimestamp() + self::seconds($halfLife) => self::Faded,
            default => self::Sound,
        };
    }

    /** From when on a sound mark is faded. */
    public static function fadesOn(DateTimeImmutable $marked, float $halfLife): DateTimeImmutable
    {
        return $marked->add(new DateInterval('PT'.self::seconds($halfLife).'S'));
    }

    /** For which a mark stands. */
    private static function seconds(float $halfLife): int
    {
        return (int) round(86_400 * $halfLife);
    }

    /** Whether it is to be practised and looked at again. */
    public function isDue(): bool
    {
        return $this !== self::Sound;
    }
}
