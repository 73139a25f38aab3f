<?php

declare(strict_types=1);

use App\Models\LogEntry;
use App\Models\Role;
use App\Models\Test;
use App\Models\TrainingClass;
use App\View\Accounts\LogRow;
use App\View\Accounts\LogWords;
use Illuminate\Support\Facades\Lang;
use Illuminate\Support\Str;
use Symfony\Component\Finder\Finder;

/*
 * What the log says of what it holds. The school's clocks are those of Auckland, thirteen hours ahead in December.
 */

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->hall->update(['zone' => 'Pacific/Auckland']);
    $this->actingAs($this->person($this->hall, Role::Head));
    $this->ada = $this->hall->students()->firstOrFail();
    $this->latest = function (): LogRow {
        $entry = $this->hall->log()->with(['causer', 'subject'])->firstOrFail();

        return new LogRow($entry, $this->hall, new LogWords($this->hall->fresh()));
    };
    /** An entry of a made-up change of the school. */
    $this->tell = function (array $before, array $after): array {
        activity()
            ->performedOn($this->hall)
            ->event('updated')
            ->withProperties(['old' => $before, 'attributes' => $after])
            ->log('updated');

        return array_map(array_values(...), ($this->latest)()->changes);
    };
});

it('has words for everything that is logged', function (): void {
    $events = ['created', 'updated', 'deleted'];
    $things = [];
    foreach (Finder::create()->in(app_path())->name('*.php') as $file) {
        preg_match_all("/->event\('([a-z-]+)'\)/", $file->getContents(), $found);
        array_push($events, ...$found[1]);
        if (str_contains($file->getContents(), '    use KeepsLog;')) {
            $things[] = Str::kebab($file->getBasename('.php'));
        }
    }
    $unsaid = array_filter(
        [
            ...array_map(static fn (string $event): string => "log.events.{$event}", array_unique($events)),
            ...array_map(static fn (string $thing): string => "log.things.{$thing}", $things),
        ],
        static fn (string $key): bool => ! Lang::has($key),
    );

    expect($unsaid)->toBe([])->and(count($events))->toBeGreaterThan(15)->and(count($things))->toBeGreaterThan(10);
});

it('says when a class and a test are, not how a file calls them, and whose result was decided', function (): void {
    $this->post('/classes', [
        'at' => '2026-12-10T19:30',
        'place' => 'Loft',
        'minutes' => '60',
        'places' => '4',
        'instructors' => '1',
    ])->assertSessionHasNoErrors();
    expect(($this->latest)()->what)->toBe('Class “2026-12-10 19:30” added');
    $class = $this->hall->classes()->sole();
    $class->delete();
    // What is gone is still known by what was written of it.
    expect($this->hall->log()->where('subject_type', TrainingClass::class)->count())->toBe(2)
        ->and(($this->latest)()->what)->toBe('Class “2026-12-10 19:30” deleted');

    $up = $this->hall->ranks()->where('code', 'second')->firstOrFail();
    $this->hall->attacks()->where('code', 'wrist')->update(['needed_by_id' => $up->id]);
    $test = ['rank' => $up->id, 'at' => '2026-12-20T10:00', 'items' => 'list', 'candidates' => [$this->ada->id]];
    $this->post('/tests', $test)->assertSessionHasNoErrors();
    $test = $this->hall->tests()->sole();
    $mark = ['student' => $this->ada->id, 'attempt' => 1, 'outcome' => 'clean'];
    $this->put("/tests/{$test->id}/{$this->ada->id}/marks", [
        'marks' => $test->items->map(static fn ($item): array => ['item' => $item->id, ...$mark])->all(),
    ]);
    $this->post("/tests/{$test->id}/{$this->ada->id}/decision");
    $decided = $this->hall->log()->where('subject_type', Test::class)->where('event', 'decided')->sole();
    $row = new LogRow($decided, $this->hall, new LogWords($this->hall->fresh()));

    expect($row->what)->toBe("Result at the test “{$up->name}, 2026-12-20 10:00” decided")
        ->and($row->changes[0])->toBe(['column' => 'student', 'before' => '', 'after' => $this->ada->name]);
});

it('names rows, says moments by the clocks of the school, and tables in words', function (): void {
    [$low, $high] = $this->hall->ranks()->get()->all();

    expect(($this->tell)(['rank_id' => $low->id], ['rank_id' => $high->id]))
        ->toBe([['rank', $low->name, $high->name]])
        ->and(($this->tell)(['named' => []], ['named' => [$this->ada->id, 999_999]]))
        ->toBe([['named', '', "{$this->ada->name}, #999999"]])
        ->and(($this->tell)([], ['marked_at' => '2026-12-04 18:30:00+00', 'born' => '2011-05-06T00:00:00.000000Z']))
        ->toBe([['marked at', '', '2026-12-05 07:30'], ['born', '', '2011-05-06']])
        ->and(
            ($this->tell)(['name' => '2026-12-04 18:30:00+00'], [
                'name' => '2026-99-99 99:99:99',
                'at' => 'noon o’clock',
            ]),
        )
        ->toBe([['name', '2026-12-04 18:30:00+00', '2026-99-99 99:99:99'], ['at', '', 'noon o’clock']])
        ->and(($this->tell)(['critical' => false], ['critical' => true, 'share' => 0.8, 'students' => ['added' => 2]]))
        ->toBe([['critical', 'no', 'yes'], ['share', '', '0.8'], ['students', '', 'added 2']])
        ->and(
            ($this->tell)([], [
                'policy' => [['hazard' => 'choke', 'under' => 16], ['hazard' => 'eyes', 'under' => null]],
            ]),
        )
        ->toBe([['policy', '', 'hazard choke, under 16; hazard eyes']])
        ->and(($this->tell)(['result' => 'passed', 'a' => []], ['a' => null]))
        ->toBe([['result', 'passed', '']]);
});

it('shows of two long texts what is about the first difference', function (): void {
    // Thirty signs before it, of which the last is the “r” of both.
    $same = str_repeat('left foot step 9, ', 30);
    [[$column, $before, $after]] = ($this->tell)(['beats' => $same.'right palm chin'], ['beats' => $same.'rechts é']);

    expect([$column, $before, $after])->toBe([
        'beats',
        '…ot step 9, left foot step 9, right palm chin',
        '…ot step 9, left foot step 9, rechts é',
    ]);
    // One that is new is told from its beginning.
    expect(($this->tell)([], ['beats' => $same])[0][2])->toStartWith('left foot step 9')->toEndWith('…');
});

it('looks a name up once for a whole page', function (): void {
    foreach (range(1, 5) as $height) {
        $this->ada->update([
            'height' => 1.5 + $height / 100,
            'rank_id' => $this->hall->ranks()->skip($height % 2)->value('id'),
        ]);
    }
    $asked = 0;
    Illuminate\Support\Facades\DB::listen(static function ($query) use (&$asked): void {
        $asked += (int) (str_contains($query->sql, 'from "ranks"') && str_contains($query->sql, '"name", "id"'));
    });

    $this->get('/school/log')->assertOk();
    expect($asked)->toBe(1)->and(LogEntry::query()->count())->toBeGreaterThan(5);
});
