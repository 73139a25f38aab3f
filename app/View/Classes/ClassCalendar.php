<?php

declare(strict_types=1);

namespace App\View\Classes;

use App\Models\Role;
use App\Models\Student;
use App\Models\TrainingClass;
use App\Models\User;
use Carbon\CarbonImmutable;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VTimeZone;

/** The classes that concern somebody, as iCalendar (RFC 5545). A change raises the sequence; what is called off says so. */
final readonly class ClassCalendar
{
    /** Days that are told back. */
    private const BACK = 60;

    private const PRODUCT = '-//Stone Drill//Classes//EN';

    public static function of(User $user, CarbonImmutable $now): VCalendar
    {
        $calendar = new VCalendar(['PRODID' => self::PRODUCT, 'X-WR-CALNAME' => $user->school->name]);
        $ranks = self::ranks($user);
        foreach ($user->school->classes()->where('at', '>=', $now->subDays(self::BACK))->orderBy('at')->get() as $class) {
            if ($ranks === null || $class->ranks === [] || array_intersect($ranks, $class->ranks) !== []) {
                self::add($calendar, $class->setRelation('school', $user->school));
            }
        }

        // A calendar holds one component at least; where there is no class, what its clock is.
        if ($calendar->select('VEVENT') === []) {
            $zone = $calendar->add('VTIMEZONE', ['TZID' => 'UTC']);
            assert($zone instanceof VTimeZone);
            $zone->add('STANDARD', ['DTSTART' => '19700101T000000', 'TZOFFSETFROM' => '+0000', 'TZOFFSETTO' => '+0000']);
        }

        return $calendar;
    }

    private static function add(VCalendar $calendar, TrainingClass $class): void
    {
        $calendar->add('VEVENT', [
            'UID' => "class-{$class->id}@stone-drill",
            'DTSTAMP' => $class->updated_at->utc(),
            'LAST-MODIFIED' => $class->updated_at->utc(),
            'DTSTART' => $class->at->utc(),
            'DTEND' => $class->at->utc()->addMinutes($class->minutes),
            'SEQUENCE' => $class->version - 1,
            'STATUS' => $class->cancelled_at === null ? 'CONFIRMED' : 'CANCELLED',
            'SUMMARY' => __('classes.calendar.event', ['school' => $class->school->name]),
            'LOCATION' => $class->place,
            'URL' => route('classes.show', $class),
        ]);
    }

    /** @return list<string>|null codes of ranks that concern them; null for all */
    private static function ranks(User $user): ?array
    {
        return match ($user->role) {
            Role::Student => array_values(array_filter([$user->student?->rank->code])),
            Role::Guardian => array_values($user->children->map(static fn (Student $child): string => $child->rank->code)->unique()->all()),
            default => null,
        };
    }
}
