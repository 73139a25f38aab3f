<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack\Wording;

use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Text;

/** What was understood of an attack said in one line. */
final readonly class Spoken
{
    /**
     * @param ?Kind                                     $kind       null where no kind was named
     * @param array<string, string>                     $facets     value by facet, of those that were named
     * @param list<array{words: string, means: string}> $understood in the order of the line
     * @param list<array{word: string, nearest: ?string}> $unread   words that mean nothing here
     * @param list<Text>                                $refused    what was understood and cannot be, with what is
     *     allowed
     */
    public function __construct(
        public ?Kind $kind,
        public array $facets,
        public array $understood,
        public array $unread,
        public array $refused,
    ) {}
}
