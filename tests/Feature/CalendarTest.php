<?php

declare(strict_types=1);

use App\Models\Role;
use Carbon\CarbonImmutable;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Reader;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->hall->update(['name' => 'Hall; of, “Stone”']);
    $this->head = $this->person($this->hall, Role::Head);
    $this->class = $this->hall
        ->classes()
        ->create([
            'at' => '2026-12-01T19:00:00Z',
            'minutes' => 60,
            'place' => "Quay 3, loft\n2nd",
            'places' => 8,
            'instructors' => 2,
        ]);
    // Makes an address for somebody and gives what it ends in.
    $this->make = function ($user): string {
        preg_match(
            '~/calendar/([A-Za-z0-9]{40})\.ics~',
            (string) $this->actingAs($user)->post('/account/calendar')->assertOk()->getContent(),
            $found,
        );
        $this->post('/sign-out');

        return $found[1];
    };
    $this->read = function (string $token): VCalendar {
        $response = $this->get("/calendar/{$token}.ics")
            ->assertOk()
            ->assertHeader('content-type', 'text/calendar; charset=utf-8');
        $calendar = Reader::read((string) $response->getContent());
        expect($calendar->validate())->toBe([]);

        return $calendar;
    };
});

it('gives the classes of somebody to a calendar program, valid by the library’s own rules', function (): void {
    $event = ($this->read)(($this->make)($this->head))->VEVENT;

    expect((string) $event->DTSTART)->toBe('20261201T190000Z')
        ->and((string) $event->DTEND)->toBe('20261201T200000Z')
        ->and((string) $event->SUMMARY)->toBe('Class, Hall; of, “Stone”')
        ->and((string) $event->LOCATION)->toBe("Quay 3, loft\n2nd")
        ->and((string) $event->STATUS)->toBe('CONFIRMED')
        ->and((string) $event->SEQUENCE)->toBe('0');
});

it('tells of changes and of what is called off', function (): void {
    $token = ($this->make)($this->head);
    $uid = (string) ($this->read)($token)->VEVENT->UID;
    $this->actingAs($this->head)->put("/classes/{$this->class->id}", [
        'version' => 1, 'at' => '2026-12-01T20:00', 'minutes' => '45', 'place' => 'Elsewhere', 'places' => '8',
        'instructors' => '2',
    ]);
    $event = ($this->read)($token)->VEVENT;
    expect([(string) $event->UID, (string) $event->SEQUENCE, (string) $event->DTSTART, (string) $event->DTEND])->toBe([
        $uid,
        '1',
        '20261201T200000Z',
        '20261201T204500Z',
    ]);

    $this->delete("/classes/{$this->class->id}")->assertRedirect('/classes');
    $event = ($this->read)($token)->VEVENT;
    expect([(string) $event->STATUS, (string) $event->SEQUENCE])->toBe(['CANCELLED', '2']);
    $this->get('/classes')->assertDontSee('1 Dec 2026');
    $this->get("/classes/{$this->class->id}")->assertOk()
        ->assertSee('This class is called off.');
});

it('tells a student of the classes for their rank, and a guardian of those of the children', function (): void {
    $student = $this->hall->students()->firstOrFail();
    $this->class->update(['ranks' => ['second']]);
    $this->hall
        ->classes()
        ->create([
            'at' => '2026-12-02T19:00:00Z',
            'minutes' => 60,
            'places' => 8,
            'instructors' => 2,
            'ranks' => ['first'],
        ]);
    // For children alone, and for one who is named.
    $child = $this->hall
        ->students()
        ->create([...$student->only('rank_id', 'flags'), 'code' => 'child', 'name' => 'Child', 'born' => '2018-01-01']);
    $further = ['2026-12-03' => ['ages' => 'under-16'], '2026-12-04' => ['named' => [$student->id]]];
    foreach ($further as $day => $with) {
        $this->hall
            ->classes()
            ->create([
                ...$this->class->only('minutes', 'places', 'instructors'),
                'at' => "{$day}T19:00:00Z",
                ...$with,
            ]);
    }
    $mother = $this->person($this->hall, Role::Guardian);
    $mother->update(['email' => 'mother@small.example']);
    $mother->entrust([$child->id]);
    $guardian = $this->person($this->hall, Role::Guardian);
    $guardian->entrust([$student->id]);
    $days = fn ($user): array => array_map(
        static fn ($event): string => substr((string) $event->DTSTART, 0, 8),
        array_filter(
            iterator_to_array(($this->read)(($this->make)($user))->select('VEVENT')),
            static fn ($event): bool => str_starts_with((string) $event->UID, 'class-'),
        ),
    );

    expect(array_values($days($this->person($this->hall, Role::Student))))->toBe(['20261202', '20261204'])
        ->and(array_values($days($guardian)))->toBe(['20261202', '20261204'])
        ->and(array_values($days($mother)))->toBe(['20261202', '20261203'])
        ->and(array_values($days($this->head)))->toBe(['20261201', '20261202', '20261203', '20261204']);
});

it('has an address that can be renewed and ended, and says nothing of any other', function (): void {
    $first = ($this->make)($this->head);
    $second = ($this->make)($this->head);
    $this->get("/calendar/{$first}.ics")->assertNotFound();
    expect(($this->read)($second)->VEVENT)->not->toBeNull()
        ->and($this->head->fresh()->calendar)->not->toContain($second);
    foreach ([str_repeat('a', 40), strtoupper($second).'x'] as $token) {
        $this->get("/calendar/{$token}.ics")->assertNotFound();
    }
    $this->actingAs($this->head)->delete('/account/calendar')->assertRedirect('/account');
    expect(
        $this->hall
            ->log()
            ->whereIn('event', ['calendar', 'calendar-gone'])
            ->count(),
    )->toBe(3);
    $this->get('/school/log')->assertOk()->assertSee('Address of the calendar of');
    $this->get("/calendar/{$second}.ics")->assertNotFound();

    $third = ($this->make)($this->head);
    $this->head->update(['closed_at' => CarbonImmutable::now()]);
    $this->get("/calendar/{$third}.ics")->assertNotFound();
});

it('is an empty calendar where there is no class', function (): void {
    $this->class->delete();

    expect(($this->read)(($this->make)($this->head))->select('VEVENT'))->toBe([]);
});

it('tells of tests and of practice at home to whom they concern', function (): void {
    $ada = $this->hall->students()->firstOrFail();
    $test = $this->hall
        ->tests()
        ->create(['rank_id' => $ada->rank_id, 'at' => '2026-12-20T10:00:00Z', 'place' => 'Loft']);
    $test->candidates()->attach($ada->id, ['school_id' => $this->hall->id]);
    $guardian = $this->person($this->hall, Role::Guardian);
    $guardian->entrust([$ada->id]);
    $told = fn ($user): array => array_map(
        static fn ($event): string => (string) $event->SUMMARY.' '.$event->DTSTART,
        iterator_to_array(($this->read)(($this->make)($user))->select('VEVENT'), false),
    );
    $monday = CarbonImmutable::now($this->hall->timeZone())->startOfWeek(CarbonImmutable::MONDAY)->format('Ymd');

    expect($told($guardian))->toContain('Test for First 20261220T100000Z')
        ->toContain("Practice at home: Gate {$monday}")
        ->and($told($this->head))->toContain('Test for First 20261220T100000Z')
        ->not->toContain("Practice at home: Gate {$monday}");
    $test->candidates()->detach();
    expect($told($guardian))->not->toContain('Test for First 20261220T100000Z');
});
