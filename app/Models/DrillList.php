<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSchool;
use App\Models\Concerns\KeepsLog;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use StoneDrill\Core\Attack\Side;

/**
 * Attacks to drill, in order.
 *
 * @property int                            $id
 * @property int                            $school_id
 * @property string                         $name
 * @property User|null                      $madeBy
 * @property Collection<int, DrillListItem> $items
 * @property School $school
 */
final class DrillList extends Model
{
    use BelongsToSchool;
    use KeepsLog;

    /** @return HasMany<DrillListItem, $this> */
    public function items(): HasMany
    {
        return $this->hasMany(DrillListItem::class)->orderBy('position');
    }

    /**
     * Adds attacks at its end.
     *
     * @param list<array{attack_id: int, side: Side}> $items
     */
    public function add(array $items): void
    {
        // Two who add at once wait for each other.
        self::query()->whereKey($this->id)->lockForUpdate()->first();
        $last = (int) $this->items()->max('position');
        $this->items()->createMany(
            array_map(
                fn (array $item, int $place): array => [
                    ...$item,
                    'school_id' => $this->school_id,
                    'position' => $last + 1 + $place,
                    'differences' => [],
                ],
                $items,
                array_keys($items),
            ),
        );
    }

    /** Lets one change places with its neighbour, where there is one. */
    public function move(DrillListItem $item, int $by): void
    {
        self::query()->whereKey($this->id)->lockForUpdate()->first();
        $items = $this->items()->get()->values();
        $at = (int) $items->search(static fn (DrillListItem $one): bool => $one->is($item));
        $other = $items->get($at + $by);
        if ($other === null) {
            return;
        }
        [$here, $there] = [$item->position, $other->position];
        $other->update(['position' => (int) $items->max('position') + 1]);
        $item->update(['position' => $there]);
        $other->update(['position' => $here]);
    }

    /** A name that no list of the school has. */
    public function nameOfCopy(): string
    {
        $taken = $this->school->drillLists()->pluck('name')->all();
        for ($number = 2; ; $number++) {
            $name = mb_substr($this->name, 0, 190)." ({$number})";
            if (! in_array($name, $taken, true)) {
                return $name;
            }
        }
    }

    /** @return BelongsTo<User, $this> */
    public function madeBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'made_by_id');
    }
}
