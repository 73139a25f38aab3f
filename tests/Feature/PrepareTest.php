<?php

declare(strict_types=1);

use App\Models\Attack;
use App\Models\Rep;
use App\Models\Role;
use App\Models\School;
use App\Models\Test;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\Code;
use App\Persistence\CoverageBook;
use App\Persistence\Demo;
use App\Persistence\SeasonBook;
use App\View\Classes\ClassPage;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;

it('loads the demo into an empty database, once', function (): void {
    $this->artisan('stone-drill:prepare', ['--demo' => true])
        ->expectsOutputToContain('Cinder Quay Hall')
        ->assertSuccessful();
    $counts = [School::count(), Attack::count(), Rep::count(), User::count()];
    expect($counts[0])->toBe(2)->and($counts[2])->toBeGreaterThan(1500);
    // The way to its test is planned by a job, so that classes teach what it needs from the first look on.
    expect(array_merge(...array_values(Test::query()->firstOrFail()->teaches)))->not->toBe([]);

    $this->artisan('stone-drill:prepare', ['--demo' => true])
        ->doesntExpectOutputToContain('Cinder Quay Hall')
        ->assertSuccessful();
    expect([School::count(), Attack::count(), Rep::count(), User::count()])->toBe($counts);
});

it('has a test in the demo for which some have come far and others have not begun', function (): void {
    app(Demo::class)->load(CarbonImmutable::now());
    $test = Test::query()->firstOrFail();
    $page = $this->actingAs($test->school->users()->where('role', Role::Head)->firstOrFail())
        ->get("/tests/{$test->id}")
        ->assertOk();
    preg_match_all('~<td>([\d.]+) %</td>~', (string) $page->getContent(), $found);
    $ready = array_map(floatval(...), array_slice($found[1], 0, 4));

    expect($ready)->toHaveCount(4)
        ->and(max($ready))->toBeGreaterThan(25.0)
        ->and(min($ready))->toBeLessThan(2.0)
        ->and(array_unique($ready))->toHaveCount(4);
});

it('teaches the candidates of the demo tonight what the way to their test asks for, and nobody else', function (): void {
    app(Demo::class)->load(CarbonImmutable::now());
    $test = Test::query()->firstOrFail();
    app(SeasonBook::class)->of($test);
    $tonight = $test->school->classes()->where('code', 'class-tonight')->firstOrFail();
    $groups = (new ClassPage($tonight, app(CatalogueMapper::class), app(CoverageBook::class)))->groups();
    $candidates = $test->candidates->pluck('name')->sort()->implode(', ');

    // They are of the lowest rank, which is taught nothing with contact; whoever goes for the next one is.
    expect(array_column($groups, 'names'))->toContain($candidates);
    foreach ($groups as $group) {
        expect($group['taught'])->not->toBe([]);
        foreach ($group['taught'] as $taught) {
            expect(str_contains($taught['why'], 'for the coming test, as taught at Flint;'))->toBe($group['names'] === $candidates);
        }
    }
});

it('keeps what a school made of the demo', function (): void {
    $this->artisan('stone-drill:prepare', ['--demo' => true]);
    Attack::query()
        ->where('code', 'swing-wide')
        ->update(['title' => 'Haymaker of ours']);
    $this->artisan('stone-drill:prepare', ['--demo' => true]);

    expect(Attack::query()->where('code', 'swing-wide')->value('title'))->toBe('Haymaker of ours');
});

it('signs in with what the README and the start command print', function (): void {
    app(Demo::class)->load(CarbonImmutable::now());
    $readme = (string) file_get_contents(base_path('README.md'));
    $start = (string) file_get_contents(base_path('bin/start'));
    foreach (User::all() as $user) {
        expect($readme)->toContain($user->email)
            ->and($start)->toContain($user->email)
            ->and(Auth::validate(['email' => $user->email, 'password' => Demo::PASSWORD]))->toBeTrue();
    }
    expect($readme)->toContain(Demo::PASSWORD)
        ->and($start)->toContain(Demo::PASSWORD)
        ->and(User::query()->pluck('role')->unique()->count())->toBe(count(Role::cases()));
});

it('takes the next code when somebody takes one in the same moment', function (): void {
    $school = $this->school();
    $columns = ['name' => 'Bo', 'rank_id' => $school->ranks()->value('id'), 'flags' => []];
    $raced = false;
    $school
        ->students()
        ->getRelated()::creating(function ($student) use (&$raced, $school, $columns): void {
            // Another request slips in between the look and the write, once.
            if (! $raced) {
                $raced = true;
                DB::table('students')->insert([
                    ...$columns,
                    'flags' => '[]',
                    'school_id' => $school->id,
                    'code' => $student->code,
                ]);
            }
        });

    // The slip is undone with the failed try, as it would not be in life; what counts is that a second try is made.
    expect(Code::create($school->students(), 'Bo', $columns)->code)->toStartWith('bo')
        ->and($raced)->toBeTrue();
});

it('has no id twice on a page, and a label for every field', function (string $path): void {
    app(Demo::class)->load(CarbonImmutable::now());
    $school = School::query()->where('name', 'Cinder Quay Hall')->firstOrFail();
    $this->actingAs($school->users()->where('role', Role::Head)->firstOrFail());
    $path = strtr($path, [
        '{attack}' => $school->attacks()->value('id'),
        '{answer}' => $school->answers()->value('id'),
        '{student}' => $school->students()->value('id'),
    ]);

    $page = new DOMDocument();
    @$page->loadHTML((string) $this->get($path)->assertOk()->getContent());
    $xpath = new DOMXPath($page);
    $ids = array_map(fn ($node): string => $node->value, iterator_to_array($xpath->query('//@id')));
    expect(array_diff_key($ids, array_unique($ids)))->toBe([]);

    foreach ($xpath->query('//input[not(@type="hidden")] | //select | //textarea') as $field) {
        $labelled = $field->getAttribute('aria-labelledby') !== ''
        || $field->getAttribute('aria-label') !== ''
        || $xpath->query('ancestor::label', $field)->length > 0
        || ($field->getAttribute('id') !== ''
            && $xpath->query('//label[@for="'.$field->getAttribute('id').'"]')->length > 0);
        expect($labelled)->toBeTrue($page->saveHTML($field) ?: '');
    }
    foreach ($xpath->query('//label/@for') as $for) {
        expect($ids)->toContain($for->value);
    }
})->with([
    '/wall', '/wall?form=table', '/attacks', '/attacks/create', '/attacks/{attack}', '/attacks/{attack}/edit',
    '/attacks/{attack}/answers/create', '/answers', '/answers/{answer}', '/answers/{answer}/edit', '/people',
    '/people/create', '/people/{student}', '/people/{student}/edit', '/record', '/record/{student}',
    '/record/{student}/{attack}/written', '/school',
]);

it('clears away what is over, and keeps the rest', function (): void {
    Illuminate\Support\Facades\DB::table('cache')->insert([
        ['key' => 'over', 'value' => 'x', 'expiration' => now()->timestamp - 5],
        ['key' => 'kept', 'value' => 'x', 'expiration' => now()->timestamp + 500],
    ]);
    $this->artisan('stone-drill:prepare', ['--demo' => true]);

    expect(
        Illuminate\Support\Facades\DB::table('cache')
            ->whereIn('key', ['over', 'kept'])
            ->pluck('key')
            ->all(),
    )->toBe(['kept']);
});

it('keeps what was worked out until a row changes, and the newest alone', function (): void {
    $school = $this->school();
    $mapper = app(App\Persistence\CatalogueMapper::class);
    $first = $mapper->curriculum($school);
    expect($mapper->curriculum($school))->toBe($first);
    $school
        ->ranks()
        ->where('code', 'first')
        ->update(['name' => 'Firsts']);
    expect($mapper->curriculum($school)->ranks[0]->name)->toBe('Firsts')
        ->and(app(App\Persistence\RevisionCache::class)->known("curriculum:{$school->id}", 'another'))->toBeNull();
});
