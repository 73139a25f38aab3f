<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Notation\Vocabulary;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Verb;

/** A strike, step or control, and where a school uses it. */
final readonly class IndexedWord
{
    /**
     * @param string                                $rank id of the rank at which it first appears
     * @param non-empty-list<array{Answer, list<int>}> $uses answers with it, by rank, each with the numbers of the
     *     beats from 1
     */
    public function __construct(
        public WordKind $kind,
        public Strike|Verb $verb,
        public string $rank,
        public array $uses,
    ) {}

    /**
     * The beats of an answer that it is in, each on a line, as the main line has them.
     *
     * @param list<int>   $numbers    from 1
     * @param ?Vocabulary $vocabulary a school's, as which they are written
     */
    public static function lines(Answer $answer, array $numbers, ?Vocabulary $vocabulary = null): string
    {
        return implode(
            '',
            array_map(
                static fn (int $number): string => $number
                    .'  '
                    .(new Beats([$answer->beats->line[$number - 1]->withoutBranches()]))->toText($vocabulary),
                $numbers,
            ),
        );
    }

    /** @return array<string, list<string>> titles of the answers with it that have a usual mistake, by the mistake */
    public function mistakes(): array
    {
        $mistakes = [];
        foreach ($this->uses as [$answer]) {
            foreach (array_column($answer->teaching->mistakes, 'text') as $mistake) {
                $mistakes[$mistake][] = $answer->title;
            }
        }

        return $mistakes;
    }

    /** @return list<string> ids of the answers with it */
    public function answers(): array
    {
        return array_map(static fn (array $use): string => $use[0]->id, $this->uses);
    }
}
