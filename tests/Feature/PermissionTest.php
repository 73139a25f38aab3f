<?php

declare(strict_types=1);

use App\Models\Rep;
use App\Models\Role;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use Tests\Feature\PermissionFixture;

/** Every route that a person can ask for: method, address, and the roles it opens for. */
const TEACH = ['head', 'instructor', 'assistant'];
const WRITE = ['head', 'instructor'];
const HEAD = ['head'];
const EVERYBODY = ['head', 'instructor', 'assistant', 'student', 'guardian'];

const ROUTES = [
    'wall' => ['get', '/wall', TEACH],
    'wall.svg' => ['get', '/wall.svg', TEACH],
    'wall.csv' => ['get', '/wall.csv', TEACH],
    'load' => ['get', '/wall/ranks', TEACH],
    'basic' => ['get', '/wall/basics/{basic}', TEACH],
    'rose' => ['get', '/wall/rose', TEACH],
    'rose.svg' => ['get', '/wall/rose.svg', TEACH],
    'cross' => ['get', '/wall/cross', TEACH],
    'answers.placement.show' => ['get', '/answers/{answer}/placement?to=second', WRITE],
    'answers.placement.update' => ['put', '/answers/{answer}/placement', WRITE],
    'holes' => ['get', '/wall/holes', TEACH],
    'fewest' => ['get', '/wall/fewest', TEACH],
    'answers.moves.create' => ['get', '/answers/{answer}/moves/create', WRITE],
    'answers.moves.store' => ['post', '/answers/{answer}/moves', WRITE],
    'attacks' => ['get', '/attacks', TEACH],
    'attacks.create' => ['get', '/attacks/create', WRITE],
    'attacks.facets' => ['get', '/attacks/facets?kind=swing', WRITE],
    'attacks.store' => ['post', '/attacks', WRITE],
    'attacks.show' => ['get', '/attacks/{attack}', TEACH],
    'attacks.proof' => ['get', '/attacks/{attack}/proof', TEACH],
    'attacks.edit' => ['get', '/attacks/{attack}/edit', WRITE],
    'attacks.update' => ['put', '/attacks/{attack}', WRITE],
    'attacks.destroy' => ['delete', '/attacks/{attack}', WRITE],
    'answers' => ['get', '/answers', TEACH],
    'attacks.workbench' => ['post', '/attacks/{attack}/workbench', WRITE],
    'attacks.when' => ['get', '/attacks/{attack}/when.svg', TEACH],
    'attacks.holes' => ['get', '/attacks/{attack}/holes', TEACH],
    'attacks.first-steps' => ['get', '/attacks/{attack}/first-steps', TEACH],
    'evidence' => ['get', '/evidence', TEACH],
    'evidence.csv' => ['get', '/evidence.csv', TEACH],
    'evidence.table' => ['get', '/evidence/{table}.csv', TEACH],
    'evidence.turns' => ['get', '/evidence/weeks/{week}/{way}', TEACH],
    'attacks.evidence' => ['get', '/attacks/{attack}/evidence', TEACH],
    'answers.evidence' => ['get', '/answers/{answer}/evidence', TEACH],
    'answers.floor' => ['get', '/answers/{answer}/floor', TEACH],
    'answers.svg' => ['get', '/answers/{answer}/floor.svg', TEACH],
    'answers.beside' => ['get', '/answers/{answer}/beside?with=bodies-small-large', TEACH],
    'answers.field' => ['get', '/answers/{answer}/field', TEACH],
    'answers.tape' => ['get', '/answers/{answer}/tape.pdf', TEACH],
    'answers.bodies' => ['get', '/answers/{answer}/bodies', TEACH],
    'answers.sheet' => ['get', '/answers/{answer}/sheet', TEACH],
    'answers.pdf' => ['get', '/answers/{answer}/sheet.pdf', TEACH],
    'answers.waivers.store' => ['post', '/answers/{answer}/waivers', WRITE],
    'answers.waivers.destroy' => ['delete', '/answers/{answer}/waivers/{waiver}', WRITE],
    'versions.restore' => ['post', '/answers/{answer}/versions/{version}', WRITE],
    'attacks.answers.create' => ['get', '/attacks/{attack}/answers/create', WRITE],
    'attacks.answers.store' => ['post', '/attacks/{attack}/answers', WRITE],
    'answers.show' => ['get', '/answers/{answer}', TEACH],
    'answers.edit' => ['get', '/answers/{answer}/edit', WRITE],
    'answers.update' => ['put', '/answers/{answer}', WRITE],
    'answers.destroy' => ['delete', '/answers/{answer}', WRITE],
    'attacks.footage.index' => ['get', '/attacks/{attack}/footage', TEACH],
    'attacks.footage.create' => ['get', '/attacks/{attack}/footage/create', WRITE],
    'attacks.footage.store' => ['post', '/attacks/{attack}/footage', WRITE],
    'answers.footage.index' => ['get', '/answers/{answer}/footage', TEACH],
    'answers.footage.create' => ['get', '/answers/{answer}/footage/create', WRITE],
    'answers.footage.store' => ['post', '/answers/{answer}/footage', WRITE],
    'basics.footage.index' => ['get', '/basics/{solo}/footage', TEACH],
    'basics.footage.create' => ['get', '/basics/{solo}/footage/create', WRITE],
    'basics.footage.store' => ['post', '/basics/{solo}/footage', WRITE],
    'footage.show' => ['get', '/footage/{footage}', TEACH],
    'footage.update' => ['put', '/footage/{footage}', WRITE],
    'footage.destroy' => ['delete', '/footage/{footage}', WRITE],
    'footage.file' => ['get', '/footage/{footage}/file', TEACH],
    'footage.thumbnail' => ['get', '/footage/{footage}/thumbnail', TEACH],
    'lists' => ['get', '/drill-lists', TEACH],
    'drill-lists.create' => ['get', '/drill-lists/create', TEACH],
    'drill-lists.store' => ['post', '/drill-lists', TEACH],
    'drill-lists.show' => ['get', '/drill-lists/{list}', TEACH],
    'drill-lists.items.store' => ['post', '/drill-lists/items', TEACH],
    'drill-lists.rename' => ['put', '/drill-lists/{list}', TEACH],
    'drill-lists.copy' => ['post', '/drill-lists/{list}/copy', TEACH],
    'drill-lists.items.update' => ['put', '/drill-lists/{list}/items/{item}', TEACH],
    'drill-lists.items.destroy' => ['delete', '/drill-lists/{list}/items/{item}', TEACH],
    'drill-lists.destroy' => ['delete', '/drill-lists/{list}', TEACH],
    'account.calendar' => ['post', '/account/calendar', EVERYBODY],
    'account.calendar.end' => ['delete', '/account/calendar', EVERYBODY],
    'classes.index' => ['get', '/classes', TEACH],
    'classes.create' => ['get', '/classes/create', WRITE],
    'classes.store' => ['post', '/classes', WRITE],
    'classes.show' => ['get', '/classes/{class}', TEACH],
    'classes.edit' => ['get', '/classes/{class}/edit', WRITE],
    'classes.update' => ['put', '/classes/{class}', WRITE],
    'classes.destroy' => ['delete', '/classes/{class}', WRITE],
    'classes.blocks' => ['put', '/classes/{class}/blocks', WRITE],
    'students.log' => ['get', '/people/{student}/log', [...TEACH, 'student', 'guardian']],
    'students.own' => ['get', '/people/{student}/own', [...TEACH, 'student', 'guardian']],
    'home.show' => ['get', '/people/{student}/home', [...TEACH, 'student', 'guardian']],
    'home.pdf' => ['get', '/people/{student}/home.pdf', [...TEACH, 'student', 'guardian']],
    'home.store' => ['post', '/people/{student}/home', [...TEACH, 'student', 'guardian']],
    'basics.index' => ['get', '/basics', TEACH],
    'basics.pdf' => ['get', '/basics.pdf', TEACH],
    'basics.create' => ['get', '/basics/create', WRITE],
    'basics.store' => ['post', '/basics', WRITE],
    'basics.show' => ['get', '/basics/{solo}', TEACH],
    'basics.edit' => ['get', '/basics/{solo}/edit', WRITE],
    'basics.update' => ['put', '/basics/{solo}', WRITE],
    'basics.destroy' => ['delete', '/basics/{solo}', WRITE],
    'basics.marks' => ['post', '/basics/{solo}/marks', TEACH],
    'basics.student' => ['get', '/basics/{solo}/students/{student}', TEACH],
    'basics.mark' => ['post', '/basics/{solo}/students/{student}', TEACH],
    'basics.unmark' => ['delete', '/basics/{solo}/students/{student}/{mark}', TEACH],
    'tests.index' => ['get', '/tests', TEACH],
    'tests.create' => ['get', '/tests/create', WRITE],
    'tests.store' => ['post', '/tests', WRITE],
    'tests.show' => ['get', '/tests/{test}', TEACH],
    'tests.edit' => ['get', '/tests/{test}/edit', WRITE],
    'tests.update' => ['put', '/tests/{test}', WRITE],
    'tests.destroy' => ['delete', '/tests/{test}', WRITE],
    'tests.season' => ['get', '/tests/{test}/season', TEACH],
    'tests.sheet' => ['get', '/tests/{test}/sheet.pdf', TEACH],
    'tests.candidate' => ['get', '/tests/{test}/{student}', TEACH],
    'tests.certificate' => ['get', '/tests/{test}/{student}/certificate.pdf', TEACH],
    'tests.mark' => ['put', '/tests/{test}/{student}/marks', TEACH],
    'tests.settle' => ['put', '/tests/{test}/{student}/items/{testItem}', WRITE],
    'tests.decide' => ['post', '/tests/{test}/{student}/decision', WRITE],
    'tests.reopen' => ['delete', '/tests/{test}/{student}/decision', WRITE],
    'classes.taught' => ['put', '/classes/{class}/taught', WRITE],
    'classes.restore' => ['post', '/classes/{class}/restore', WRITE],
    'classes.done' => ['get', '/classes/{class}/done', TEACH],
    'classes.home' => ['get', '/classes/{class}/home', TEACH],
    'classes.sheet' => ['get', '/classes/{class}/sheet', TEACH],
    'classes.attendance' => ['put', '/classes/{class}/attendance', TEACH],
    'board' => ['get', '/board', TEACH],
    'board.svg' => ['get', '/board.svg', TEACH],
    'students.ladder.svg' => ['get', '/people/{student}/ladder.svg', [...TEACH, 'student', 'guardian']],
    'answers.field.svg' => ['get', '/answers/{answer}/field.svg', TEACH],
    'board.progress' => ['get', '/board/progress', TEACH],
    'board.mistakes' => ['get', '/board/mistakes', TEACH],
    'reps.file' => ['get', '/people/reps', TEACH],
    'reps.export' => ['get', '/people/reps.{sheet}', TEACH],
    'reps.check' => ['post', '/people/reps/check', TEACH],
    'reps.import' => ['post', '/people/reps/import/{token}', TEACH],
    'reps.imported' => ['get', '/people/reps/import/{token}', TEACH],
    'students' => ['get', '/people', TEACH],
    'students.create' => ['get', '/people/create', WRITE],
    'students.store' => ['post', '/people', WRITE],
    'students.show' => ['get', '/people/{student}', [...TEACH, 'student', 'guardian']],
    'students.edit' => ['get', '/people/{student}/edit', WRITE],
    'students.update' => ['put', '/people/{student}', WRITE],
    'mat' => ['get', '/mat', TEACH],
    'mat.kit' => ['get', '/mat/kit', TEACH],
    'mat.plans' => ['get', '/mat/plans', TEACH],
    'mat.forecast' => ['post', '/mat/forecast', TEACH],
    'mat.marks' => ['put', '/mat/tests/{test}/marks', TEACH],
    'mat.attendance' => ['put', '/mat/classes/{class}/attendance', TEACH],
    'mat.reps.store' => ['post', '/mat/reps', TEACH],
    'record' => ['get', '/record', TEACH],
    'record.attacks' => ['get', '/record/{student}', TEACH],
    'record.outcome' => ['get', '/record/{student}/{attack}/{side}', TEACH],
    'reps.correct' => ['get', '/reps/{rep}/correct', TEACH],
    'reps.store' => ['post', '/reps', TEACH],
    'school' => ['get', '/school', HEAD],
    'rungs.store' => ['post', '/school/rungs', HEAD],
    'rungs.update' => ['put', '/school/rungs/{rung}', HEAD],
    'rungs.destroy' => ['delete', '/school/rungs/{rung}', HEAD],
    'ranks.store' => ['post', '/school/ranks', HEAD],
    'ranks.update' => ['put', '/school/ranks/{rank}', HEAD],
    'ranks.destroy' => ['delete', '/school/ranks/{rank}', HEAD],
    'import.check' => ['post', '/school/import', HEAD],
    'import.store' => ['post', '/school/import/{token}', HEAD],
    'import.show' => ['get', '/school/import/{token}', HEAD],
    'export' => ['get', '/school/export.{format}', HEAD],
    'export.zip' => ['get', '/school/export.zip', HEAD],
    'accounts' => ['get', '/school/accounts', HEAD],
    'accounts.edit' => ['get', '/school/accounts/{account}/edit', HEAD],
    'accounts.update' => ['put', '/school/accounts/{account}', HEAD],
    'accounts.destroy' => ['delete', '/school/accounts/{account}', HEAD],
    'accounts.restore' => ['post', '/school/accounts/{account}/restore', HEAD],
    'invitations.store' => ['post', '/school/invitations', HEAD],
    'invitations.destroy' => ['delete', '/school/invitations/{invitation}', HEAD],
    'outbox' => ['get', '/school/outbox', HEAD],
    'outbox.show' => ['get', '/school/outbox/{mail}', HEAD],
    'jobs.index' => ['get', '/school/jobs', HEAD],
    'jobs.retry' => ['post', '/school/jobs/{job}/retry', HEAD],
    'jobs.destroy' => ['delete', '/school/jobs/{job}', HEAD],
    'log' => ['get', '/school/log', HEAD],
    'log.csv' => ['get', '/school/log.csv', HEAD],
    'children' => ['get', '/children', ['guardian']],
    'account' => ['get', '/account', EVERYBODY],
    'account.password' => ['put', '/account/password', EVERYBODY],
    'account.email' => ['put', '/account/email', EVERYBODY],
    'account.email.confirm' => ['get', '/account/email/confirm', EVERYBODY],
    'account.sessions' => ['delete', '/account/sessions', EVERYBODY],
    'factor.show' => ['get', '/account/factor', EVERYBODY],
    'factor.store' => ['post', '/account/factor', EVERYBODY],
    'factor.update' => ['put', '/account/factor', EVERYBODY],
    'factor.destroy' => ['delete', '/account/factor', EVERYBODY],
    'factor.renew' => ['post', '/account/factor/recovery-codes', EVERYBODY],
    'accounts.factor' => ['put', '/school/second-factor', HEAD],
    'data.show' => ['get', '/people/{student}/data', EVERYBODY],
    'data.export' => ['get', '/people/{student}/data.json', EVERYBODY],
    'data.erase' => ['delete', '/people/{student}/data', HEAD],
    'kinds.index' => ['get', '/school/kinds', HEAD],
    'kinds.create' => ['get', '/school/kinds/create', HEAD],
    'kinds.store' => ['post', '/school/kinds', HEAD],
    'kinds.edit' => ['get', '/school/kinds/{kind}/edit', HEAD],
    'kinds.update' => ['put', '/school/kinds/{kind}', HEAD],
    'kinds.destroy' => ['delete', '/school/kinds/{kind}', HEAD],
    'tokens.index' => ['get', '/school/tokens', HEAD],
    'tokens.store' => ['post', '/school/tokens', HEAD],
    'tokens.destroy' => ['delete', '/school/tokens/{access}', HEAD],
    'tablets.index' => ['get', '/school/tablets', HEAD],
    'tablets.store' => ['post', '/school/tablets', HEAD],
    'tablets.destroy' => ['delete', '/school/tablets/{tablet}', HEAD],
    'account.pin' => ['put', '/account/pin', TEACH],
    'people.file' => ['get', '/people/file', WRITE],
    'people.check' => ['post', '/people/file/check', WRITE],
    'people.import' => ['post', '/people/file', WRITE],
    'people.export' => ['get', '/people/file/people.{sheet}', WRITE],
    'settings' => ['get', '/school/settings', HEAD],
    'settings.general' => ['put', '/school/settings/general', HEAD],
    'settings.doctrine' => ['put', '/school/settings/doctrine', HEAD],
    'settings.bodies' => ['put', '/school/settings/bodies', HEAD],
    'settings.credits' => ['put', '/school/settings/credits', HEAD],
    'settings.classes' => ['put', '/school/settings/classes', HEAD],
    'settings.force' => ['put', '/school/settings/force', HEAD],
    'settings.effects' => ['put', '/school/settings/effects', HEAD],
    'settings.tests' => ['put', '/school/settings/tests', HEAD],
    'settings.weights' => ['put', '/school/settings/weights', HEAD],
    'settings.policy' => ['put', '/school/settings/policy', HEAD],
    'settings.times' => ['put', '/school/settings/times', HEAD],
    'settings.scope' => ['put', '/school/settings/scope', HEAD],
    'settings.names' => ['put', '/school/settings/names', HEAD],
    'settings.words' => ['put', '/school/settings/words', HEAD],
    'settings.reset' => ['delete', '/school/settings/{section}', HEAD],
    'starters.show' => ['get', '/school/starters/{starter}', HEAD],
    'starters.store' => ['post', '/school/starters/{starter}', HEAD],
    'next-steps.destroy' => ['delete', '/school/next-steps', HEAD],
    // Open while a school is set up (BeginningTest), and for nobody afterwards.
    'beginning.school' => ['get', '/begin/school', []],
    'beginning.school.update' => ['put', '/begin/school', []],
    'beginning.doctrine' => ['get', '/begin/doctrine', []],
    'beginning.doctrine.update' => ['put', '/begin/doctrine', []],
    'beginning.ranks' => ['get', '/begin/ranks', []],
    'beginning.ranks.update' => ['put', '/begin/ranks', []],
    'beginning.contact' => ['get', '/begin/contact', []],
    'beginning.contact.update' => ['put', '/begin/contact', []],
    'beginning.curriculum' => ['get', '/begin/curriculum', []],
    'beginning.curriculum.update' => ['put', '/begin/curriculum', []],
];

dataset('routes', ROUTES);

it('opens each route for those it is meant for, and for nobody else', function (
    string $method,
    string $pattern,
    array $roles,
): void {
    $school = $this->school();
    foreach (Role::cases() as $role) {
        $path = PermissionFixture::address($pattern, $school);
        $response = $this->actingAs($this->person($school, $role))->call(strtoupper($method), $path);

        expect($response->getStatusCode() !== 403)
            ->toBe(
                in_array($role->value, $roles, true),
                "{$role->value} at {$method} {$path}: {$response->getStatusCode()}",
            )
            ->and($response->getStatusCode())->toBeLessThan(500);
    }
})->with('routes');

it('sends everybody who is not signed in to the door', function (string $method, string $pattern): void {
    $this->call(strtoupper($method), PermissionFixture::address($pattern, $this->school()))->assertRedirect('/sign-in');
})->with('routes');

it('shows nothing of another school', function (string $method, string $pattern): void {
    $path = PermissionFixture::address($pattern, $this->school('Other Hall'));
    $head = $this->person($this->school(), Role::Head);
    $response = $this->actingAs($head)->call(strtoupper($method), $path);

    Str::contains($pattern, PermissionFixture::ROWS)
        ? $response->assertNotFound()
        : expect(PermissionFixture::content($response))->not->toContain('Other Hall');
})->with('routes');

it('has every route in this list', function (): void {
    $door = [
        'GET /', 'GET /sign-in', 'POST /sign-in', 'GET /begin', 'POST /begin', 'GET /begin/mailed',
        'GET /begin/confirm', 'POST /begin/confirm', 'GET /sign-in/code', 'POST /sign-in/code', 'GET /join',
        'POST /join', 'GET /join/{code}', 'POST /join/{code}', 'GET /password/forgotten', 'POST /password/forgotten',
        'GET /password/reset/{token}', 'PUT /password/reset', 'GET /tablet', 'GET /calendar/{token}.ics',
        'POST /tablet', 'DELETE /tablet', 'POST /tablet/unlock', 'POST /sign-out', 'GET /up', 'GET /health',
        'GET /metrics', 'GET /trust',
    ];
    $listed = array_map(
        static fn (array $route): string => strtoupper($route[0]).' '.Str::before($route[1], '?'),
        array_values(ROUTES),
    );
    $there = collect(Route::getRoutes()->getRoutes())
        ->reject(
            fn ($route): bool => str_starts_with($route->uri(), 'storage/') || str_starts_with($route->uri(), 'api/'),
        )
        ->map(fn ($route): string => $route->methods()[0].' /'.ltrim($route->uri(), '/'))
        ->unique()
        ->values()
        ->all();

    expect($there)->toEqualCanonicalizing([...$door, ...$listed]);
});

it('counts the requests of each way in for itself', function (): void {
    foreach (Route::getRoutes()->getRoutes() as $route) {
        foreach (preg_grep('/^throttle:|ThrottleRequests:/', $route->gatherMiddleware()) ?: [] as $limit) {
            expect($limit)->toMatch('/^throttle:\d+,\d+,[a-z-]+:$/', $route->uri());
        }
    }
});

it('asks a policy on every route but the door and the way in', function (): void {
    foreach (Route::getRoutes()->getRoutes() as $route) {
        if (
            ! in_array(
                $route->getName(),
                [
                    'sign-in', 'beginning.create', 'beginning.mailed', 'beginning.confirm', 'sign-in.code',
                    'join.create', 'join.show', 'password.request', 'password.edit', 'password.update', 'tablet',
                    'tablet.unlock', 'calendar', 'sign-out', 'home', 'up', 'health', 'metrics', 'trust', null,
                ],
                true,
            )
            && ! str_starts_with((string) $route->getName(), 'storage')
            && ! str_starts_with((string) $route->getName(), 'api.')
        ) {
            expect(implode(' ', $route->gatherMiddleware()))->toMatch('/\bcan:|\bAuthorize:/');
        }
    }
});

it('lets a student see the student’s own ladder and no other', function (): void {
    $school = $this->school();
    $student = $this->person($school, Role::Student);
    $other = $school
        ->students()
        ->create(['code' => 'bo', 'name' => 'Bo', 'rank_id' => $school->ranks()->value('id'), 'flags' => []]);

    $this->actingAs($student)
        ->get('/')
        ->assertRedirect("/people/{$student->student_id}/own");
    $this->get('/people/'.$student->student_id)->assertOk()
        ->assertSee('Ada Plover')
        ->assertDontSee('Record a rep')
        ->assertDontSee('Correct</a>', false);
    $this->get("/people/{$student->student_id}/log")->assertOk()
        ->assertDontSee('Correct</a>', false);
    $this->get('/people/'.$other->id)->assertForbidden();
});

it('refuses a rep for another school’s student, attack, answer or rep', function (string $column, string $table): void {
    $other = $this->school('Other Hall');
    $school = $this->school();
    $own = [
        'id' => '0b7e1f60-1111-4000-8000-000000000001',
        'student_id' => $school->students()->value('id'),
        'attack_id' => $school->attacks()->value('id'),
        'side' => 'written',
        'rung' => 2,
        'outcome' => 'clean',
    ];
    $before = Rep::count();

    $this->actingAs($this->person($school, Role::Head))
        ->post('/reps', [...$own, $column => $other->{$table}()->value('id')])
        ->assertSessionHasErrors($column);
    expect(Rep::count())->toBe($before);
})->with([['student_id', 'students'], ['attack_id', 'attacks'], ['answer_id', 'answers'], ['replaces', 'reps']]);
