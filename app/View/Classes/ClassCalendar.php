<?php

declare(strict_types=1);

namespace App\View\Classes;

use App\Models\Role;
use App\Models\Student;
use App\Models\Test;
use App\Models\TrainingClass;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\PeopleMapper;
use App\View\Home\HomeWeek;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Component\VTimeZone;
use StoneDrill\Core\Curriculum\Student as CoreStudent;
use StoneDrill\Core\Session\HomeItem;

/**
 * Classes, tests and practice at home that concern somebody, as iCalendar (RFC 5545). A change raises the sequence;
 * what is called off says so.
 */
final readonly class ClassCalendar
{
    /** Days that are told back. */
    private const BACK = 60;

    /** Hours that a test takes. */
    private const TEST_HOURS = 2;

    private const PRODUCT = '-//Stone Drill//Classes//EN';

    public static function of(User $user, CarbonImmutable $now): VCalendar
    {
        $calendar = new VCalendar(['PRODID' => self::PRODUCT, 'X-WR-CALNAME' => $user->school->name]);
        $students = self::students($user)->load('rank')->map(PeopleMapper::student(...));
        foreach (
            $user->school->classes()->where('at', '>=', $now->subDays(self::BACK))->orderBy('at')->get() as $class
        ) {
            $expected = $class->expected();
            if (
                $user->role->teaches()
                || $students->contains(
                    static fn (CoreStudent $student): bool => $expected->includes($student, $class->at),
                )
            ) {
                self::add($calendar, $class->setRelation('school', $user->school));
            }
        }

        foreach (self::students($user) as $student) {
            self::addHome($calendar, $student, $now);
        }
        foreach (
            $user->school
                ->tests()
                ->where('at', '>=', $now->subDays(self::BACK))
                ->with('rank')
                ->orderBy('at')
                ->get() as $test
        ) {
            if ($user->role->teaches() || $test->candidates()->whereKey(self::students($user)->modelKeys())->exists()) {
                self::addTest($calendar, $test);
            }
        }

        // A calendar holds one component at least; where there is no class, what its clock is.
        if ($calendar->select('VEVENT') === []) {
            $zone = $calendar->add('VTIMEZONE', ['TZID' => 'UTC']);
            assert($zone instanceof VTimeZone);
            $zone->add('STANDARD', [
                'DTSTART' => '19700101T000000',
                'TZOFFSETFROM' => '+0000',
                'TZOFFSETTO' => '+0000',
            ]);
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
            'DTEND' => $class->endsAt()->utc(),
            'SEQUENCE' => $class->version - 1,
            'STATUS' => $class->cancelled_at === null ? 'CONFIRMED' : 'CANCELLED',
            'SUMMARY' => __('classes.calendar.event', ['school' => $class->school->name]),
            'LOCATION' => $class->place,
            'URL' => route('classes.show', $class),
        ]);
    }

    private static function addTest(VCalendar $calendar, Test $test): void
    {
        $calendar->add('VEVENT', [
            'UID' => "test-{$test->id}@stone-drill",
            'DTSTAMP' => $test->updated_at->utc(),
            'LAST-MODIFIED' => $test->updated_at->utc(),
            'DTSTART' => $test->at->utc(),
            'DTEND' => $test->at->utc()->addHours(self::TEST_HOURS),
            'SEQUENCE' => $test->version - 1,
            'STATUS' => $test->cancelled_at === null ? 'CONFIRMED' : 'CANCELLED',
            'SUMMARY' => __('tests.event', ['rank' => $test->rank->name]),
            'LOCATION' => $test->place,
        ]);
    }

    /** What is practised alone this week, as a day without a time on its Monday. */
    private static function addHome(VCalendar $calendar, Student $student, CarbonImmutable $now): void
    {
        $week = new HomeWeek($student->loadMissing('rank', 'school'), app(CatalogueMapper::class), $now);
        if ($week->items === []) {
            return;
        }
        $event = $calendar->add('VEVENT', [
            'UID' => "home-{$student->id}-{$week->monday->format('Y-m-d')}@stone-drill",
            'DTSTAMP' => $week->monday->utc(),
            'SUMMARY' => __('home.event', [
                'answers' => implode(
                    ', ',
                    array_map(static fn (HomeItem $item): string => $item->answer->title, $week->items),
                ),
            ]),
            'URL' => route('home.show', $student),
        ]);
        assert($event instanceof VEvent);
        $event->add('DTSTART', $week->monday->format('Ymd'), ['VALUE' => 'DATE']);
        $event->add('DTEND', $week->monday->addDay()->format('Ymd'), ['VALUE' => 'DATE']);
    }

    /** @return Collection<int, Student> whom they see */
    private static function students(User $user): Collection
    {
        return $user->role === Role::Guardian
            ? $user->children
            : new Collection(array_filter([$user->student]));
    }
}
