<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Checks\Finding;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Matching;
use StoneDrill\Core\Technique\Beats;

/** One way to close a hole. */
final readonly class Move
{
    /**
     * @param ?string       $answer   id of the answer that is moved, null where one is to be written
     * @param list<Finding> $findings what is found anew when it is run in the cell
     * @param ?string       $facet    the facet, or `kind`, that is widened
     * @param ?string       $value    what is allowed in it besides
     * @param ?Beats        $beats    what the answer's beats become where they are softened
     */
    public function __construct(
        public MoveKind $kind,
        public ?string $answer,
        public array $findings = [],
        public ?string $facet = null,
        public ?string $value = null,
        public ?Beats $beats = null,
    ) {}

    /**
     * The catalogue after it was made.
     *
     * @param string $rank id of the rank that needs the cell
     */
    public function takenIn(Catalogue $catalogue, string $rank): Catalogue
    {
        $answers = array_map(
            fn (Answer $answer): Answer => $answer->id === $this->answer
                ? $this->taken($answer, $catalogue->attackOf($answer), $rank, $catalogue->rankOrder())
                : $answer,
            $catalogue->answers,
        );

        return $catalogue->withAnswers($answers);
    }

    /**
     * @param string             $rank  id
     * @param array<string, int> $order position by id of the rank
     */
    private function taken(Answer $answer, Attack $attack, string $rank, array $order): Answer
    {
        return match ($this->kind) {
            MoveKind::Mirror => $answer->withMatching(Matching::of($attack, $answer->matching->listed, true)),
            MoveKind::Widen => $answer->withMatching(
                Matching::of(
                    $attack,
                    [...$answer->matching->listed, ...$this->widened($answer)],
                    $answer->matching->mirrored,
                ),
            ),
            MoveKind::Earlier => $answer->introducedFrom($rank, $order),
            MoveKind::Soften => $answer->withBeats($this->beats ?? $answer->beats),
            MoveKind::Write => $answer,
        };
    }

    /** @return array<string, list<string>> what the widened facet allows then */
    private function widened(Answer $answer): array
    {
        $wide = $answer->matching->pattern->widened((string) $this->facet, (string) $this->value);

        return $this->facet === 'kind'
            ? ['kind' => $wide->kinds ?? []]
            : [(string) $this->facet => $wide->values[(string) $this->facet]];
    }
}
