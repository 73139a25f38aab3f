<?php

declare(strict_types=1);

use Tests\Support\Sources;

/** What each package of core/ may use, besides itself: downward only. Text and Rules lie under all of them. */
const PACKAGES = [
    'Geometry' => [],
    'Technique' => ['Geometry'],
    'Attack' => ['Technique', 'Geometry'],
    'Floor' => ['Attack', 'Technique', 'Geometry'],
    'Curriculum' => ['Floor', 'Attack', 'Technique', 'Geometry'],
    'Checks' => ['Curriculum', 'Floor', 'Attack', 'Technique', 'Geometry'],
    'Proof' => ['Curriculum', 'Attack'],
    'Solo' => ['Curriculum', 'Floor', 'Attack', 'Technique', 'Geometry'],
    'Coverage' => ['Proof', 'Checks', 'Curriculum', 'Floor', 'Attack', 'Technique', 'Geometry'],
    'Drill' => ['Coverage', 'Proof', 'Checks', 'Curriculum', 'Attack', 'Technique'],
    'Session' => ['Solo', 'Drill', 'Coverage', 'Proof', 'Checks', 'Curriculum', 'Attack', 'Technique'],
    'Exchange' => ['Session', 'Solo', 'Coverage', 'Proof', 'Curriculum', 'Attack', 'Technique', 'Geometry'],
    'Report' => [
        'Exchange', 'Session', 'Solo', 'Drill', 'Coverage', 'Proof', 'Checks', 'Curriculum', 'Floor', 'Attack',
        'Technique', 'Geometry',
    ],
];

it('uses of other packages only what lies under it', function (string $package): void {
    $used = [];
    foreach (Sources::php("core/{$package}") as $path => $code) {
        preg_match_all('/StoneDrill\\\\Core\\\\([A-Z]\w+)\\\\/', $code, $found);
        foreach (array_diff(array_unique($found[1]), [$package, ...PACKAGES[$package]]) as $other) {
            $used[] = "{$path} uses {$other}";
        }
    }

    expect($used)->toBe([]);
})->with(array_keys(PACKAGES));

it('knows every package', function (): void {
    expect(array_map(basename(...), glob(Sources::root().'/core/*', GLOB_ONLYDIR) ?: []))->toEqualCanonicalizing(
        array_keys(PACKAGES),
    );
});

it('has no way round among the packages', function (): void {
    foreach (PACKAGES as $package => $under) {
        foreach ($under as $other) {
            expect(PACKAGES[$other])->not->toContain($package, "{$other} and {$package} use each other");
        }
    }
});
