<?php

declare(strict_types=1);

namespace Tests\Core\Coverage;

use StoneDrill\Core\Coverage\BasicsIndex;
use StoneDrill\Core\Coverage\IndexedWord;

/** What the tests of the index of basics share. */
final class BasicsFixture
{
    /** @return list<string> rank, kind, word, and where it is used */
    public static function basics(BasicsIndex $basics): array
    {
        return array_map(
            fn (IndexedWord $basic): string => sprintf(
                '%s %s %s: %s',
                $basic->rank,
                $basic->kind->value,
                $basic->verb->value,
                implode(
                    ' ',
                    array_map(fn (array $use): string => $use[0]->id.'@'.implode('+', $use[1]), $basic->uses),
                ),
            ),
            $basics->basics,
        );
    }
}
