<?php

declare(strict_types=1);

use Tests\Support\Sources;

/** What takes more, and is to be grouped: nothing is added here. */
const TAKE_MORE = [
    'core/Exchange/SchoolFile.php' => 11,
    'core/Proof/RepDetails.php' => 12,
    'core/Solo/Basic.php' => 10,
];

it('takes at most eight values to make an object', function (): void {
    $long = [];
    $seen = 0;
    foreach (['core' => 'StoneDrill\\Core', 'app' => 'App'] as $folder => $namespace) {
        foreach (array_keys(Sources::php($folder)) as $path) {
            $name = $namespace.strtr(substr((string) $path, strlen($folder), -4), '/', '\\');
            if (class_exists($name)) {
                $taken = (new ReflectionClass($name))->getConstructor()?->getNumberOfParameters() ?? 0;
                $long += $taken > 8 ? [$path => $taken] : [];
                $seen++;
            }
        }
    }

    expect($seen)->toBeGreaterThan(700)->and($long)->toBe(TAKE_MORE);
});
