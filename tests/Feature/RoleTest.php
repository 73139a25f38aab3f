<?php

declare(strict_types=1);

use App\Models\Role;

it('gives each role what it may do', function (
    Role $role,
    string $title,
    bool $runs,
    bool $writes,
    bool $teaches,
): void {
    expect([$role->title(), $role->runsSchool(), $role->writesCurriculum(), $role->teaches()])->toBe([
        $title,
        $runs,
        $writes,
        $teaches,
    ]);
})->with([
    [Role::Head, 'Head instructor', true, true, true],
    [Role::Instructor, 'Instructor', false, true, true],
    [Role::Assistant, 'Assistant', false, false, true],
    [Role::Student, 'Student', false, false, false],
]);

it('shows each role the places that it may go to, and marks where it is', function (Role $role, array $places): void {
    $school = $this->school();
    $this->actingAs($this->person($school, $role));
    $page = (string) $this->followingRedirects()->get('/')->getContent();
    preg_match_all('#<a class="place"[^>]*>([^<]+)</a>#', $page, $found);

    expect($found[1])->toBe($places)->and(substr_count($page, 'aria-current="page"'))->toBe(1);
})->with([
    [Role::Head, ['Wall', 'Attacks', 'Answers', 'Basics', 'Lists', 'Classes', 'People', 'School', 'Mat', 'Record']],
    [Role::Instructor, ['Wall', 'Attacks', 'Answers', 'Basics', 'Lists', 'Classes', 'People', 'Mat', 'Record']],
    [Role::Assistant, ['Wall', 'Attacks', 'Answers', 'Basics', 'Lists', 'Classes', 'People', 'Mat', 'Record']],
    [Role::Student, ['My page', 'My ladder', 'At home']],
]);

it('offers an assistant nothing that only instructors do', function (): void {
    $school = $this->school();
    $this->actingAs($this->person($school, Role::Assistant));
    foreach (
        [
            '/wall',
            '/attacks',
            '/attacks/'.$school->attacks()->value('id'),
            '/answers/'.$school->answers()->value('id'),
            '/people',
            '/people/'.$school->students()->value('id'),
        ] as $path
    ) {
        $this->get($path)->assertOk()
            ->assertDontSee('>Edit<', false)
            ->assertDontSee('>Delete<', false)
            ->assertDontSee('Catalogue an attack')
            ->assertDontSee('Write an answer')
            ->assertDontSee('Add a student')
            ->assertDontSee('write one');
    }
});

it('says what can hurt a partner wherever an attack is worked on', function (): void {
    $this->artisan('stone-drill:prepare', ['--demo' => true]);
    $school = App\Models\School::query()->where('name', 'Cinder Quay Hall')->firstOrFail();
    $this->actingAs($school->users()->where('role', Role::Head)->firstOrFail());
    $choke = $school->attacks()->where('code', 'forearm-behind')->firstOrFail();
    $student = $school->students()->where('code', 'ilsa-moorings')->firstOrFail();

    foreach (
        [
            "/attacks/{$choke->id}",
            '/answers/'.$choke->answers()->value('id'),
            "/record/{$student->id}/{$choke->id}/written",
            '/attacks/facets?kind=forearm-behind',
        ] as $path
    ) {
        $this->get($path)->assertOk()->assertSee('Chokes are not for children');
    }
    $gangway = $school->attacks()->where('code', 'hug-behind-gangway')->firstOrFail();
    $this->get("/record/{$student->id}/{$gangway->id}/written")->assertSee('never on a wet one');
});

it('says the cautions on every page', function (string $path): void {
    $this->actingAs($this->person($this->school(), Role::Head))
        ->get($path)
        ->assertOk()
        ->assertSee('planning estimates')
        ->assertSee('Tap and stop word')
        ->assertSee('local law and licensed instruction decide');
})->with(['/wall', '/attacks', '/answers', '/people', '/record', '/school']);
