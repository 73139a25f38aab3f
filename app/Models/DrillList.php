<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSchool;
use App\Models\Concerns\KeepsLog;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

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

    /** @return BelongsTo<User, $this> */
    public function madeBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'made_by_id');
    }
}
