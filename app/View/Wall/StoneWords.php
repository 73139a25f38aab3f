<?php

declare(strict_types=1);

namespace App\View\Wall;

use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Rank;
use StoneDrill\Core\Report\Disagreement;
use StoneDrill\Core\Text;

/** What the stones of a wall say. */
final readonly class StoneWords
{
    /** @var array<string, string> titles of the answers, by id */
    private array $titles;

    /** @var array<string, string> by id */
    private array $rankNames;

    /**
     * @param list<ProofOverlay>                          $moss
     * @param array<string, int>                          $ids      id of the attack's row, by code
     * @param array<string, non-empty-list<Disagreement>> $disputes where the floor and the mat disagree, by the cell's
     *     key
     */
    public function __construct(
        Catalogue $catalogue,
        private array $moss,
        private array $ids,
        private ?ComparedWall $past,
        private array $disputes,
    ) {
        $this->titles = array_column($catalogue->answers, 'title', 'id');
        $this->rankNames = array_column($catalogue->ranks, 'name', 'id');
    }

    /**
     * @return array{url: string, title: string, need: string, disputes: list<string>} what is said of a cell in every
     *     course
     */
    public function of(Cell $cell): array
    {
        $need = $cell->attack->need->rank === null
            ? __('wall.no-rank-needs')
            : __('wall.needed-by', ['rank' => $this->rankNames[$cell->attack->need->rank]]);

        return [
            'url' => route('attacks.show', $this->ids[$cell->attack->id], absolute: false),
            'title' => $cell->attack->title.self::side($cell),
            'need' => $need.' '.$this->answersText($cell),
            'disputes' => array_map($this->dispute(...), $this->disputes[$cell->key->text] ?? []),
        ];
    }

    /** Which answers work, and which are taught and fail. */
    private function answersText(Cell $cell): string
    {
        $works = $cell->workingBy(PHP_INT_MAX);
        $fails = array_values(array_diff($cell->answers, $works));

        return implode(
            ' ',
            array_map(say(...), [
                ...$works === []
                    ? []
                    : [
                        Text::of('wall.answered-by', [
                            'answers' => $this->quoted($works),
                            'rank' => $this->rankNames[$cell->laidAt],
                        ]),
                    ],
                ...$fails === [] ? [] : [Text::of('wall.fails', ['answers' => $this->quoted($fails)])],
                ...$cell->answers === [] ? [Text::of('wall.nothing-answers')] : [],
            ]),
        );
    }

    /** @param list<string> $answers ids */
    private function quoted(array $answers): string
    {
        return implode(', ', array_map(fn (string $id): string => '“'.$this->titles[$id].'”', $answers));
    }

    /** @param array{url: string, title: string, need: string, disputes: list<string>} $said of the cell */
    public function text(Cell $cell, array $said, Rank $rank, StoneState $state, ?Change $change): string
    {
        $proof = $state->isLaid()
            ? array_filter(array_map(static fn (ProofOverlay $moss): string => $moss->text($cell, $rank), $this->moss))
            : [];
        if ($state->isLaid() && $this->past?->moss !== null) {
            $proof[] = __('wall.proof.then', [
                'proof' => $this->past->moss->text($cell, $rank) ?: __('wall.proof.nobody'),
            ]);
        }
        $course = __('wall.course', ['attack' => $said['title'], 'rank' => $rank->name, 'state' => $state->text()]);

        return $course
            .($change === null ? '' : ' ('.$change->text().')')
            ."\n"
            .implode(' ', [$said['need'], ...$proof, ...$said['disputes']]);
    }

    private function dispute(Disagreement $one): string
    {
        return __($one->works ? 'wall.disputed-floor' : 'wall.disputed-mat', [
            'answer' => $this->titles[$one->record->answer] ?? $one->record->answer,
            'rung' => $one->record->rung,
            'clean' => $one->record->tally->full,
            'count' => $one->record->tally->count(),
        ]);
    }

    private static function side(Cell $cell): string
    {
        return count($cell->attack->sides()) === 1 ? '' : ', '.__('words.sides.'.$cell->side->value);
    }
}
