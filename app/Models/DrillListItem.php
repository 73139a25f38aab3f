<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Json;
use App\Models\Concerns\BelongsToSchool;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int                   $position
 * @property int                   $attack_id
 * @property string                $side
 * @property array<string, string> $otherwise what differs from the attack as it is catalogued, value by facet
 * @property Attack                $attack
 */
final class DrillListItem extends Model
{
    use BelongsToSchool;

    public $timestamps = false;

    protected function casts(): array
    {
        return ['otherwise' => Json::MAP];
    }

    /** @return BelongsTo<Attack, $this> */
    public function attack(): BelongsTo
    {
        return $this->belongsTo(Attack::class);
    }
}
