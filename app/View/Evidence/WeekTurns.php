<?php

declare(strict_types=1);

namespace App\View\Evidence;

use App\Models\School;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Proof\Turn;
use StoneDrill\Core\Text;

/** What somebody newly holds at the end of a week, or holds no more, in words. */
final readonly class WeekTurns
{
    /** @var array<string, string> titles by code */
    private array $attacks;

    /** @var array<string, string> names by code */
    private array $people;

    public function __construct(School $school)
    {
        $this->attacks = $school->attacks()->pluck('title', 'code')->all();
        $this->people = $school->students()->pluck('name', 'code')->all();
    }

    /**
     * @param list<Turn> $turns
     *
     * @return array<string, string> by the names of people
     */
    public function texts(array $turns): array
    {
        $texts = [];
        foreach ($turns as $turn) {
            $texts[$this->people[$turn->student] ?? __('evidence.partners.former')][] = $this->text($turn);
        }
        ksort($texts);

        return array_map(static fn (array $own): string => implode('; ', $own), $texts);
    }

    private function text(Turn $turn): string
    {
        $cell = CellKey::read($turn->cell);

        return __('evidence.weeks.turn', [
            'attack' => sided($this->attacks[$cell->attack] ?? $cell->attack, $cell->side),
            'from' => (string) ($turn->from ?? say(Text::of('evidence.weeks.nothing'))),
            'to' => (string) ($turn->to ?? say(Text::of('evidence.weeks.nothing'))),
        ]);
    }
}
