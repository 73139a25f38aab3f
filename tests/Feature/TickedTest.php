<?php

declare(strict_types=1);

use App\Models\Role;
use StoneDrill\Core\Attack\Facet;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->ada = $this->hall->students()->firstOrFail();
    $this->class = $this->hall
        ->classes()
        ->create([
            'code' => 'try',
            'at' => now()->addDay(),
            'minutes' => 60,
            'place' => '',
            'places' => 5,
            'instructors' => 1,
        ]);
    $this->guardian = $this->person($this->hall, Role::Guardian);
    $this->actingAs($this->person($this->hall, Role::Head));
    /** @return list<string> values that a page has ticked under a name */
    $this->tickedOn = function (string $page, string $name): array {
        $ticks = '/name="'.preg_quote($name, '/').'"\s+value="([^"]*)"\s+checked/';
        preg_match_all($ticks, (string) $this->get($page)->assertOk()->getContent(), $found);

        return $found[1];
    };
});

it('keeps as sent what was ticked where a form comes back, also where that is nothing', function (
    Closure $page,
    string $name,
    array $wrong,
    Closure $so,
): void {
    $path = $page->call($this);
    $had = array_map(strval(...), $so->call($this));
    $save = fn (array $with) => $this->from("{$path}/edit")
        ->put($path, [...$wrong, ...$with])
        ->assertSessionHasErrors();

    expect($had)->not->toBe([])
        ->and(($this->tickedOn)("{$path}/edit", $name))->toBe($had);
    $save([]);
    expect(($this->tickedOn)("{$path}/edit", $name))->toBe([]);
    $save([str_replace('[]', '', $name) => [[$had[0]], $had[0]]]);
    expect(($this->tickedOn)("{$path}/edit", $name))->toBe([$had[0]]);
    // The next time the page is as it was.
    expect(($this->tickedOn)("{$path}/edit", $name))->toBe($had);
})->with([
    'what a student is not to do' => [
        fn (): string => "/people/{$this->ada->id}", 'flags[]', ['name' => ''],
        function (): array {
            $this->ada->update(['flags' => ['no-fall']]);

            return ['no-fall'];
        },
    ],
    'for whom a class is' => [
        fn (): string => "/classes/{$this->class->id}", 'ranks[]', ['minutes' => 'x'],
        function (): array {
            $this->class->update(['ranks' => ['first']]);

            return ['first'];
        },
    ],
    'who is named for a class' => [
        fn (): string => "/classes/{$this->class->id}", 'named[]', ['minutes' => 'x'],
        function (): array {
            $this->class->update(['named' => [$this->ada->id]]);

            return [$this->ada->id];
        },
    ],
    'who is tested' => [
        function (): string {
            $this->test = $this->hall
                ->tests()
                ->create(['code' => 'try', 'rank_id' => $this->ada->rank_id, 'at' => now()->addDay(), 'place' => '']);

            return "/tests/{$this->test->id}";
        },
        'candidates[]',
        ['at' => 'x'],
        function (): array {
            $this->test->candidates()->attach($this->ada->id, ['school_id' => $this->hall->id]);

            return [$this->ada->id];
        },
    ],
    'the children of a guardian' => [
        fn (): string => "/school/accounts/{$this->guardian->id}", 'children[]', ['role' => 'owner'],
        function (): array {
            $this->guardian->entrust([$this->ada->id]);

            return [$this->ada->id];
        },
    ],
]);

it('leaves the last value of a facet unticked where that is not taken, on a page of many forms', function (): void {
    $all = fn (string $facet): array => Facet::from($facet)->values();
    $sent = collect(Facet::cases())
        ->mapWithKeys(fn (Facet $facet): array => [$facet->value => $facet->values()])
        ->except('phase')
        ->put('notice', ['ready'])
        ->all();
    expect(($this->tickedOn)('/school/settings', 'scope[phase][]'))->not->toBe([]);

    $this->from('/school/settings')
        ->put('/school/settings/scope', ['scope' => $sent])
        ->assertSessionHasErrors('scope.phase');
    expect(($this->tickedOn)('/school/settings', 'scope[phase][]'))->toBe([]);
    $this->from('/school/settings')->put('/school/settings/scope', ['scope' => $sent]);
    expect(($this->tickedOn)('/school/settings', 'scope[notice][]'))->toBe(['ready']);
    // Another form of the page comes back: this one is as it was.
    $this->from('/school/settings')
        ->put('/school/settings/tests', ['test_pass' => 'x'])
        ->assertSessionHasErrors('test_pass');
    expect(($this->tickedOn)('/school/settings', 'scope[posture][]'))->toBe($all('posture'));
});
