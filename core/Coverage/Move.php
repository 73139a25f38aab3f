<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Answer\Answer;
use StoneDrill\Core\Answer\Beats;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Pattern;
use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Checks\Finding;

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
        $attacks = array_column($catalogue->attacks, null, 'id');
        $answers = array_map(fn (Answer $answer): Answer => $answer->id === $this->answer ? $this->taken($answer, $attacks[$answer->attack], $rank) : $answer, $catalogue->answers);

        return $catalogue->withAnswers($answers);
    }

    private function taken(Answer $answer, Attack $attack, string $rank): Answer
    {
        $isEarlier = $this->kind === MoveKind::Earlier;
        $listed = $this->kind === MoveKind::Widen ? [...$answer->listed, ...$this->widened($answer)] : $answer->listed;

        return new Answer(
            $answer->id,
            $answer->title,
            $answer->label,
            $answer->attack,
            $listed,
            Pattern::proposedFor($attack)->replace($listed),
            $answer->mirrored || $this->kind === MoveKind::Mirror,
            $isEarlier ? $rank : $answer->rank,
            $isEarlier ? null : $answer->short,
            $answer->doctrine,
            $answer->faults,
            $answer->waived,
            $this->beats ?? $answer->beats,
        );
    }

    /** @return array<string, list<string>> what the widened facet allows then */
    private function widened(Answer $answer): array
    {
        $wide = $answer->pattern->widened((string) $this->facet, (string) $this->value);

        return $this->facet === 'kind' ? ['kind' => $wide->kinds ?? []] : [(string) $this->facet => $wide->values[(string) $this->facet]];
    }
}
