<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\Standards;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Rank;
use StoneDrill\Core\Curriculum\Sizes;

/**
 * Whether answers work where they are taught: run there for typical bodies, nothing hits, nothing that matters is
 * short, no limb does what a hold keeps it from, and no hold is left on. What was found is kept and asked for again.
 */
final class Works
{
    private readonly Examiner $examiner;

    private readonly Sizes $sizes;

    private readonly RunKeys $keys;

    /** @var list<Rank> lowest first */
    private readonly array $ranks;

    /** @var array<string, int> position by id of the rank */
    private readonly array $order;

    /** @var array<string, string> what a main line is called by, by id of the answer that reads alike at every rank */
    private array $lines = [];

    /** @var array<string, bool> whether it reads alike at every rank, by id of the answer */
    private array $isAlike = [];

    public function __construct(Catalogue $catalogue, private readonly RunCache $memory = new RunCache())
    {
        $standards = Standards::of($catalogue);
        $this->examiner = new Examiner($standards);
        $this->sizes = new Sizes($catalogue->school);
        $this->keys = new RunKeys($catalogue, $standards);
        $this->ranks = $catalogue->ranks;
        $this->order = $catalogue->rankOrder();
    }

    /**
     * Position of the lowest rank at which an answer is taught and works; null where it does not.
     *
     * @param bool $isMirrored whether it is mirrored there
     */
    public function from(Answer $answer, Attack $attack, Side $side, bool $isMirrored): ?int
    {
        $own = $this->order[$answer->teaching->rank];
        foreach (array_unique([$answer->introducedAt($this->order), $own]) as $position) {
            if ($this->failure($answer, $attack, $side, $this->ranks[$position]->id, $isMirrored) === null) {
                return $position;
            }
        }

        return null;
    }

    /**
     * Where an answer fails as it is taught at a rank; null where it works.
     *
     * @param string $rank id
     */
    public function failure(Answer $answer, Attack $attack, Side $side, string $rank, bool $isMirrored): ?Failure
    {
        $found = $this->memory->of($this->key($answer, $attack, $side, $rank, $isMirrored), function () use (
            $answer,
            $attack,
            $side,
            $rank,
            $isMirrored,
        ): array|false {
            $bodies = $this->sizes->bodies(null, null, $attack->facets->build);
            $taught = $this->taught($answer, $rank);
            $failure = $this->examiner->failure(
                $taught->withBeats($taught->beats->mainLine()),
                $attack,
                $side,
                $isMirrored,
                $bodies,
            );

            return $failure === null ? false : [$failure->beat, $failure->message];
        });

        return $found === false ? null : new Failure($answer->id, ...$found);
    }

    /**
     * An answer as it is taught at a rank: its short form below its own, and its beats as they read there.
     *
     * @param string $rank id
     */
    public function taught(Answer $answer, string $rank): Answer
    {
        if ($this->isAlike($answer)) {
            return $answer;
        }
        return $answer->withBeats($answer->beatsFor($this->ranks[$this->order[$rank]], $this->order));
    }

    /**
     * What it hangs on: the main line as it is taught and what the school accepts in it. Answers that are alike in that
     * are run once.
     */
    private function key(Answer $answer, Attack $attack, Side $side, string $rank, bool $isMirrored): string
    {
        $isAlike = $this->isAlike($answer);
        $line = $isAlike ? $this->lines[$answer->id] ?? null : null;
        if ($line === null) {
            $line = hash(
                'xxh128',
                serialize([$this->taught($answer, $rank)->beats->mainLine(), $answer->teaching->waived]),
            );
            if ($isAlike) {
                $this->lines[$answer->id] = $line;
            }
        }

        return $this->keys->ofLine($line, $attack, $side, $isMirrored);
    }

    private function isAlike(Answer $answer): bool
    {
        return $this->isAlike[$answer->id] ??= $answer->teaching->short === null && $answer->beats->readings() === [];
    }
}
