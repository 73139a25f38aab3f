<?php

declare(strict_types=1);

namespace App\View\Wall;

use Carbon\CarbonImmutable;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Curriculum\Catalogue;

/** The wall that was asked for: its cells, its holes and its drawing. */
final readonly class Wall
{
    /**
     * @param list<Cell>       $cells    those shown
     * @param ?CarbonImmutable $provenAt as of when the moss is told; null while a job reads what there is to tell
     */
    public function __construct(
        public Catalogue $catalogue,
        public Coverage $coverage,
        public array $cells,
        public HoleList $holes,
        public WallPage $page,
        public WallPicture $picture,
        public ?CarbonImmutable $provenAt,
    ) {}

    /** @return list<string> */
    public function tableHead(WallQuery $query): array
    {
        $head = array_values(texts('wall.table.columns'));

        return $this->picture->changes === null
            ? $head
            : [...$head, __('wall.table.since', ['day' => $query->since?->format('j M Y')])];
    }

    public function sideText(Cell $cell): string
    {
        return count($cell->attack->sides()) === 1 ? __('words.one') : __('words.sides.'.$cell->side->value);
    }

    /** What is added to an answer that is taught to a cell and works there at no rank. */
    public function failsText(Cell $cell, string $answer): string
    {
        return isset($cell->worksFrom[$answer]) ? '' : ' ('.__('wall.table.fails').')';
    }

    public function changesText(Cell $cell): string
    {
        return $this->picture->changes?->text($cell) ?: __('wall.table.same');
    }
}
