<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Footage\CatalogueZip;
use App\Footage\FootageStore;
use App\Models\Footage;
use App\Models\Role;
use App\Models\School;
use App\Models\Solo;
use App\Models\Test;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What the tests of Permission share. */
final class PermissionFixture
{
    /** What of an address names a row of a school. */
    public const ROWS = [
        '{attack}', '{answer}', '{student}', '{rep}', '{rank}', '{list}', '{rung}', '{account}', '{invitation}',
        '{mail}', '{kind}', '{footage}',
    ];

    /** An account that nobody of the test is signed in with. */
    private static function account(School $school): int
    {
        return $school
            ->users()
            ->firstOrCreate(
                ['email' => "bo-{$school->id}@small.example"],
                ['name' => 'Bo', 'password' => 'a long password', 'role' => Role::Assistant],
            )->id;
    }

    /** One whose candidate has passed. */
    private static function test(School $school): Test
    {
        $test = $school
            ->tests()
            ->firstOrCreate(
                ['place' => 'Hall'],
                ['rank_id' => $school->ranks()->value('id'), 'at' => '2026-12-20T10:00:00Z'],
            );
        $test
            ->items()
            ->firstOrCreate(
                ['position' => 1],
                [
                    'school_id' => $school->id,
                    'attack_id' => $school->attacks()->value('id'),
                    'side' => 'written',
                    'rung' => 2,
                ],
            );
        $test
            ->candidates()
            ->syncWithoutDetaching([
                $school->students()->value('id') => ['school_id' => $school->id, 'result' => 'passed'],
            ]);

        return $test;
    }

    /** A picture that can be seen. */
    private static function footage(School $school): Footage
    {
        foreach (['1/x.jpg', FootageStore::thumbnail('1/x.jpg')] as $file) {
            Storage::disk('footage')->put($file, 'x');
        }

        return $school
            ->attacks()
            ->firstOrFail()
            ->footage()
            ->create(['school_id' => $school->id, 'type' => 'jpeg', 'state' => 'ready', 'path' => '1/x.jpg']);
    }

    private static function solo(School $school): Solo
    {
        return $school
            ->solos()
            ->firstOrCreate(
                ['code' => 'stance'],
                ['name' => 'Stance', 'kind' => 'stance', 'rank_id' => $school->ranks()->value('id')],
            );
    }

    /** What is told in an answer, in a zip by its catalogue file. */
    public static function content(TestResponse $response): string
    {
        $base = $response->baseResponse;
        if ($base instanceof BinaryFileResponse) {
            return (new CatalogueZip($base->getFile()->getPathname()))->catalogue()[0];
        }

        return (string) ($base instanceof StreamedResponse ? $response->streamedContent() : $response->getContent());
    }

    public static function address(string $pattern, School $school): string
    {
        return strtr($pattern, [
            '{attack}' => $school->attacks()->where('code', 'wrist')->value('id'),
            '{answer}' => $school->answers()->value('id'),
            '{student}' => $school->students()->value('id'),
            '{rep}' => $school->reps()->value('id'),
            '{rank}' => $school->ranks()->value('id'),
            '{list}' => str_contains($pattern, '{list}')
                ? $school->drillLists()->firstOrCreate(['name' => 'Monday'])->id
                : '',
            '{item}' => str_contains($pattern, '{item}')
                ? $school
                    ->drillLists()
                    ->firstOrCreate(['name' => 'Monday'])
                    ->items()
                    ->firstOrCreate(
                        ['position' => 1],
                        [
                            'school_id' => $school->id,
                            'attack_id' => $school->attacks()->value('id'),
                            'side' => 'written',
                            'differences' => [],
                        ],
                    )->id
                : '',
            '{test}' => str_contains($pattern, '{test}') ? self::test($school)->id : '',
            '{testItem}' => str_contains($pattern, '{testItem}') ? self::test($school)->items()->value('id') : '',
            '{solo}' => str_contains($pattern, '{solo}') ? self::solo($school)->id : '',
            '{mark}' => str_contains($pattern, '{mark}')
                ? self::solo($school)
                    ->marks()
                    ->create([
                        'school_id' => $school->id,
                        'student_id' => $school->students()->value('id'),
                        'mark' => 'rough',
                        'at' => now(),
                    ])->id
                : '',
            '{footage}' => str_contains($pattern, '{footage}') ? self::footage($school)->id : '',
            '{rung}' => $school->rungs()->value('id'),
            '{account}' => str_contains($pattern, '{account}') ? self::account($school) : '',
            '{invitation}' => str_contains($pattern, '{invitation}')
                ? $school
                    ->invitations()
                    ->firstOrCreate(
                        ['name' => 'Bo', 'role' => 'assistant'],
                        ['token' => "token of {$school->id}", 'expires_at' => now()->addDay()],
                    )->id
                : '',
            '{job}' => '0b7e1f60-0000-4000-8000-0000000000aa',
            '{mail}' => str_contains($pattern, '{mail}')
                ? $school
                    ->outbox()
                    ->firstOrCreate(['recipient' => 'bo@small.example', 'subject' => 'Hello', 'body' => 'Hello'])->id
                : '',
            '{token}' => str_repeat('a', 40),
            '{basic}' => 'step',
            '{waiver}' => 'no-exit',
            '{version}' => '1',
            '{side}' => 'written',
            '{format}' => 'yaml',
            '{sheet}' => 'xlsx',
            '{kind}' => str_contains($pattern, '{kind}')
                ? $school
                    ->kinds()
                    ->firstOrCreate(
                        ['code' => 'ear'],
                        [
                            'name' => 'Ear held', 'family' => 'grab', 'start' => 'grab', 'attacker_busy' => ['hand'],
                            'hands' => ['left', 'right'], 'bearings' => [12],
                        ],
                    )->id
                : '',
            '{access}' => '999999',
            '{class}' => str_contains($pattern, '{class}')
                ? $school
                    ->classes()
                    ->firstOrCreate(
                        ['place' => 'Hall'],
                        ['at' => '2026-12-01T19:00:00Z', 'minutes' => 60, 'places' => 8, 'instructors' => 2],
                    )->id
                : '',
            '{tablet}' => str_contains($pattern, '{tablet}')
                ? $school->tablets()->firstOrCreate(['name' => 'Bench'], ['token' => "tablet of {$school->id}"])->id
                : '',
            '{section}' => 'words',
            '{starter}' => 'hit-and-leave',
            '{table}' => 'weeks',
            '{week}' => now()->startOfWeek()->format('Y-m-d'),
            '{way}' => 'held',
        ]);
    }
}
