<?php

declare(strict_types=1);

namespace App\View\Drill;

use App\Models\DrillList;
use Illuminate\Support\Collection;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\CellKey;

/**
 * Which cells a choice of the set-up leaves, such as `family:grab`, `rank:flint` or `list:7`. The device gets them
 * worked out, so that it draws from what the school says it does.
 */
final readonly class DrillFilter
{
    /** @var array<string, array<string, true>> cells of saved lists, by the key, by choice */
    private array $listed;

    /** @param Collection<int, DrillList> $lists with their items and the attacks of those */
    public function __construct(private Catalogue $catalogue, Collection $lists)
    {
        $listed = [];
        foreach ($lists as $list) {
            $listed["list:{$list->id}"] = [];
            foreach ($list->items as $item) {
                if ($catalogue->hasAttack($item->attack->code)) {
                    $attack = $catalogue->attack($item->attack->code);
                    // The other side of an attack that has but one is that one.
                    $listed["list:{$list->id}"][CellKey::of($attack, $attack->side($item->side))->text] = true;
                }
            }
        }
        $this->listed = $listed;
    }

    /** Whether a choice leaves a cell. One that means nothing, or asks for no part, leaves all. */
    public function leaves(string $choice, Cell $cell, bool $isYouth): bool
    {
        [$what, $which] = [...explode(':', $choice, 2), ''];

        return match ($what) {
            'family' => $cell->attack->kind->family->value === $which,
            'rank' => $this->isNeeded($cell->attack->need->by($isYouth), $which),
            'list' => isset($this->listed[$choice][$cell->key->text]),
            default => true,
        };
    }

    /**
     * Every choice that leaves a part.
     *
     * @param array<int, Cell> $cells by place
     *
     * @return array<string, array{adult: list<int>, youth: list<int>}> places that are left, by choice
     */
    public function all(array $cells): array
    {
        $families = array_unique(
            array_map(static fn (Cell $cell): string => 'family:'.$cell->attack->kind->family->value, $cells),
        );
        $ranks = array_map(static fn ($rank): string => 'rank:'.$rank->id, $this->catalogue->ranks);
        $found = [];
        foreach ([...array_values($families), ...$ranks, ...array_keys($this->listed)] as $choice) {
            foreach (['adult' => false, 'youth' => true] as $of => $isYouth) {
                $found[$choice][$of] = array_keys(
                    array_filter($cells, fn (Cell $cell): bool => $this->leaves($choice, $cell, $isYouth)),
                );
            }
        }

        return $found;
    }

    private function isNeeded(?string $need, string $rank): bool
    {
        $order = $this->catalogue->rankOrder();

        return $need !== null && isset($order[$rank]) && $order[$need] <= $order[$rank];
    }
}
