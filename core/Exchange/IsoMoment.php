<?php

declare(strict_types=1);

namespace StoneDrill\Core\Exchange;

use DateTimeImmutable;
use DateTimeZone;
use Exception;

/** Moments as ISO 8601 writes them, and in no other way: what is read is what was meant. */
final readonly class IsoMoment
{
    private const SHAPE = '/^(\d{4})-(\d\d)-(\d\d)(?:[T ](\d\d):(\d\d)(?::(\d\d)(?:[.,]\d{1,9})?)?(Z|[+-]\d\d(?::?\d\d)?)?)?$/D';

    /**
     * A day, or a day and a time of day, with an offset from UTC or without.
     *
     * @param DateTimeZone $zone where a moment without an offset is meant; a day alone is its beginning there
     *
     * @return DateTimeImmutable|null null for what is no such moment, such as 02.11.2026 or 30 February
     */
    public static function read(string $text, DateTimeZone $zone): ?DateTimeImmutable
    {
        if (
            preg_match(self::SHAPE, $text, $part, PREG_UNMATCHED_AS_NULL) !== 1
            || ! checkdate((int) $part[2], (int) $part[3], (int) $part[1])
        ) {
            return null;
        }
        if ((int) $part[4] > 23 || (int) $part[5] > 59 || (int) $part[6] > 59) {
            return null;
        }
        try {
            return new DateTimeImmutable(str_replace(',', '.', $text), $zone);
        } catch (Exception) {
            // The shape is right and the offset is not.
            return null;
        }
    }
}
