<?php

declare(strict_types=1);

use App\Models\Student;
use App\Persistence\PartnerBook;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;

// Who has attacked whom, kept beside the reps: at any moment it is what a plain count of the reps says.

beforeEach(function (): void {
    $this->hall = $this->school();
    $first = $this->hall->students()->firstOrFail();
    $this->people = collect([
        $first,
        ...array_map(
            fn (string $code): Student => $this->hall
                ->students()
                ->create([...$first->only('rank_id', 'flags'), 'code' => $code, 'name' => ucfirst($code)]),
            ['bo', 'cy', 'di'],
        ),
    ]);
    $this->attack = $this->hall->attacks()->value('id');
    $this->rep = fn (Student $whose, ?Student $by, array $more = []): array => [
        'id' => (string) Str::uuid(),
        'school_id' => $this->hall->id,
        'student_id' => $whose->id,
        'attacker_id' => $by?->id,
        'attack_id' => $this->attack,
        'side' => 'written',
        'rung' => 2,
        'outcome' => 'clean',
        'source' => 'seen',
        'at' => '2026-11-18 12:00:00+00',
        'mistakes' => '[]',
        'replaces' => null,
        'reason' => null,
        ...$more,
    ];
    /** @return array<string, array<string, int>> the same from the reps themselves, one by one */
    $this->counted = function (CarbonImmutable $at): array {
        $all = DB::table('reps')->where('school_id', $this->hall->id)->get();
        $replaced = $all->pluck('replaces')->filter()->flip();
        $codes = $this->people->pluck('code', 'id');
        $counts = [];
        foreach ($all as $rep) {
            if (
                $rep->attacker_id !== null
                && ! $replaced->has($rep->id)
                && $rep->source !== 'home'
                && $rep->outcome !== 'stopped'
                && CarbonImmutable::parse($rep->at) <= $at
            ) {
                $counts[$codes[$rep->student_id]][$codes[$rep->attacker_id]]
                    = ($counts[$codes[$rep->student_id]][$codes[$rep->attacker_id]] ?? 0) + 1;
            }
        }

        return $counts;
    };
});

it('says what a plain count says, at any moment and whatever corrects what', function (int $seed): void {
    $chance = new Randomizer(new Mt19937($seed));
    $of = static fn (array $all): mixed => $all[$chance->getInt(0, count($all) - 1)];
    $open = [];
    foreach (range(1, 25) as $round) {
        $rows = [];
        foreach (range(1, $chance->getInt(1, 6)) as $one) {
            // Whoever corrects a rep can name another attacker, and say that it was broken off.
            $corrected = $open !== [] && $chance->getInt(0, 2) === 0
                ? array_splice($open, $chance->getInt(0, count($open) - 1), 1)[0]
                : null;
            $whose = $corrected === null
                ? $of($this->people->all())
                : $this->people->firstWhere('id', $corrected['student_id']);
            $by = $of([null, ...$this->people->reject(fn (Student $one): bool => $one->is($whose))->all()]);
            $rows[] = ($this->rep)($whose, $by, [
                'outcome' => $of(['clean', 'hit', 'stopped']),
                'source' => $of(['seen', 'seen', 'home']),
                'replaces' => $corrected['id'] ?? null,
                'reason' => $corrected === null ? null : 'seen again',
                'at' => $corrected['at']
                ?? CarbonImmutable::parse('2026-11-01 00:30+00')
                    ->addHours($chance->getInt(0, 600))
                    ->toIso8601String(),
            ]);
        }
        DB::table('reps')->insert($rows);
        array_push($open, ...$rows);
    }

    foreach (['2026-11-05 10:00+00', '2026-11-15 10:00+00', '2026-12-20 10:00+00'] as $moment) {
        $at = CarbonImmutable::parse($moment);
        expect(PartnerBook::among($this->hall, $this->people, $at)->counts)->toEqual(($this->counted)($at))
            ->not->toBe([]);
    }
    expect(PartnerBook::among($this->hall, collect(), CarbonImmutable::parse('2026-12-20'))->counts)->toBe([])
        ->and(
            PartnerBook::among(
                $other = $this->school('Other Hall'),
                $other->students,
                CarbonImmutable::parse('2026-12-20'),
            )->counts,
        )
        ->toBe([]);
    // The same where the reps were there first.
    $before = DB::table('partner_counts')
        ->where('tries', '<>', 0)
        ->orderBy('student_id')
        ->orderBy('attacker_id')
        ->get()
        ->all();
    $migration = require database_path('migrations/2026_11_30_000040_count_who_attacked_whom.php');
    $migration->down();
    $migration->up();
    expect(DB::table('partner_counts')->orderBy('student_id')->orderBy('attacker_id')->get()->all())->toEqual($before);
})->with([1, 2, 3]);

it('does not let tries of a class change with whom somebody is put in it', function (): void {
    [$small, $tall] = [$this->people[0], $this->people[1]];
    $small->update(['height' => 1.6]);
    $tall->update(['height' => 1.9]);
    $this->people[2]->update(['height' => 1.62]);
    $begins = CarbonImmutable::parse('2026-11-20 18:00+00');
    DB::table('reps')->insert(array_map(fn (): array => ($this->rep)($small, $this->people[2]), range(1, 8)));
    $lacks = fn (CarbonImmutable $at): array => PartnerBook::among($this->hall, $this->people, $at)->neverLarger;
    expect($lacks($begins))->toBe([$small->code]);

    DB::table('reps')->insert(($this->rep)($small, $tall, ['at' => '2026-11-20 18:10:00+00']));
    expect($lacks($begins))->toBe([$small->code])
        ->and($lacks($begins->addHour()))->toBe([]);
});
