<?php

declare(strict_types=1);

use Tests\Support\Sources;

it('takes at most eight values to make an object', function (): void {
    $long = [];
    foreach ([...Sources::php('core'), ...Sources::php('app')] as $path => $code) {
        preg_match('/^namespace ([^;]+);/m', $code, $namespace);
        preg_match('/^(?:abstract |final |readonly )*(?:class|enum|trait|interface) (\w+)/m', $code, $name);
        if ($name === []) {
            continue;
        }
        $taken = (new ReflectionClass("{$namespace[1]}\\{$name[1]}"))->getConstructor()?->getNumberOfParameters() ?? 0;
        if ($taken > 8) {
            $long[] = "{$path}: {$taken}";
        }
    }

    expect($long)->toBe([]);
});
