<?php

declare(strict_types=1);

namespace Tests\Core\Coverage;

use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\Load;
use Tests\Support\Made;

/** What the tests of Load share. */
final class LoadFixture
{
    /**
     * A ladder whose ranks bring so many actions each that nothing before brings along: every step is another verb.
     *
     * @param list<int> $counts at a, b and c
     *
     * @return list<Load>
     */
    public static function ladderOf(array $counts): array
    {
        $deeds = [
            'block', 'parry', 'cover', 'guard', 'clamp', 'clear', 'pull', 'press', 'lift', 'peel', 'pin', 'shove',
            'escort', 'post', 'let go',
        ];
        $wrist = Made::attack(id: 'w');
        $answers = [];
        foreach ($counts as $index => $count) {
            $lines = array_map(fn (string $deed): string => "right hand {$deed}", array_splice($deeds, 0, $count));
            if ($count > 0) {
                $answers[] = Made::answer("x{$index}", $wrist, ['a', 'b', 'c'][$index], beats: implode("\n", $lines));
            }
        }
        $catalogue = Made::catalogue([$wrist], $answers);

        return Load::of($catalogue, Coverage::of($catalogue));
    }
}
