<?php

declare(strict_types=1);

namespace Tests\Core\Drill;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Drill\Pool;
use StoneDrill\Core\Drill\Ticket;
use StoneDrill\Core\Proof\Evidence;
use Tests\Support\Made;

/** What the tests of Draw share. */
final class DrawFixture
{
    /** A ticket of a symmetric attack. */
    public static function ticket(
        int $prevalence,
        float $lower = 0.0,
        ?int $days = 0,
        string $kind = 'throat-front',
        string $id = 'it',
    ): Ticket {
        $one = Made::attack(
            $kind,
            ['hand' => 'both', 'phase' => 'landed', 'intent' => 'pin', 'thumb' => 'n/a'],
            $id,
            'a',
            $prevalence,
        );

        // Beta(α, 1) has the 10 % quantile .1^(1 ÷ α); a great many failures leave nothing.
        $evidence = $lower === 0.0 ? new Evidence(0.0, 1e6) : new Evidence(log(0.1) / log($lower) - 0.5, 0.5);

        return new Ticket(Coverage::of(Made::catalogue([$one], []))->cells[0], $evidence, $days);
    }

    /** @return Pool of these attacks, each answered by the beats at rank a */
    public static function pool(array $attacks, string $beats = 'leave 6', array $only = []): Pool
    {
        $catalogue = Made::catalogue(
            $attacks,
            array_map(
                fn (Attack $attack) => Made::answer('x-'.$attack->id, $attack, 'a', true, beats: $beats),
                $attacks,
            ),
        );

        return Made::pool($catalogue);
    }

    /** @return list<string> what somebody can be drilled on */
    public static function drilled(Pool $pool, Student $student): array
    {
        return array_map(
            fn (Ticket $ticket): string => $ticket->cell->attack->id.' '.$ticket->cell->side->value,
            $pool->tickets($student, 3, []),
        );
    }
}
