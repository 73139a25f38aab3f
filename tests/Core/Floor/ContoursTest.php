<?php

declare(strict_types=1);

use StoneDrill\Core\Floor\Contours;

it('finds where a plane has a height', function (): void {
    // The height is the column: along 1.25 from row 0 to row 2.
    $plane = array_fill(0, 3, [0.0, 1.0, 2.0, 3.0]);

    expect(Contours::at($plane, 1.25))->toEqual([[1.25, 0.0, 1.25, 1.0], [1.25, 1.0, 1.25, 2.0]])
        ->and(Contours::at($plane, 5.0))->toBe([])
        ->and(Contours::at([[0.0, null], [1.0, 1.0]], 0.5))->toBe([]);
});

it('goes round a hill as a circle does', function (): void {
    $hill = [];
    for ($row = 0; $row <= 40; $row++) {
        for ($column = 0; $column <= 40; $column++) {
            $hill[$row][] = hypot($column - 20, $row - 20);
        }
    }
    $length = 0.0;
    foreach (Contours::at($hill, 12.5) as [$x1, $y1, $x2, $y2]) {
        expect(hypot($x1 - 20, $y1 - 20))->toEqualWithDelta(12.5, 0.02);
        $length += hypot($x2 - $x1, $y2 - $y1);
    }

    expect($length)->toEqualWithDelta(2 * M_PI * 12.5, 0.5);
});
