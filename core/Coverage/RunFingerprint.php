<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;

/** What of an answer its runs hang on, in short: two imprints are the same exactly when it runs the same anywhere. */
final class RunFingerprint
{
    /** @var array<string, Answer> by title */
    private array $byTitle;

    /** @var array<string, string> by id */
    private array $known = [];

    /** @var array<string, string> by id, without what it runs on into */
    private array $alone = [];

    /** @var array<string, Attack> by id */
    private array $attacks;

    public function __construct(Catalogue $catalogue)
    {
        $this->byTitle = array_column($catalogue->answers, null, 'title');
        $this->attacks = array_column($catalogue->attacks, null, 'id');
    }

    public function of(Answer $answer): string
    {
        return $this->known[$answer->id] ??= implode(
            '',
            array_map($this->alone(...), [$answer, ...$this->reached($answer)]),
        );
    }

    /**
     * Every answer that it can run on into, over others too.
     *
     * @return list<Answer>
     */
    private function reached(Answer $answer): array
    {
        $reached = [];
        $open = $answer->beats->goesTo();
        while ($open !== []) {
            $title = array_pop($open);
            $next = $this->byTitle[$title] ?? null;
            if ($next !== null && ! isset($reached[$title])) {
                $reached[$title] = $next;
                array_push($open, ...$next->beats->goesTo());
            }
        }

        return array_values($reached);
    }

    private function alone(Answer $answer): string
    {
        $attack = $this->attacks[$answer->attack];

        // Its own attack too: that is where what runs on into it begins.
        return $this->alone[$answer->id] ??= hash(
            'xxh128',
            serialize([
                $answer->title,
                $answer->teaching->rank,
                $answer->teaching->doctrine,
                $answer->teaching->short,
                $answer->teaching->waived,
                $answer->beats,
                $answer->matching->mirrored,
                $answer->matching->pattern->values,
                RunKeys::content($attack->kind),
                $attack->facets->bits,
            ]),
        );
    }
}
