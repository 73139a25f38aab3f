<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\BelongsToSchool;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use StoneDrill\Core\Attack\Side;

/**
 * One side of an attack that a test asks for.
 *
 * @property int    $id
 * @property int    $position
 * @property int    $attack_id
 * @property Side   $side
 * @property int    $rung
 * @property Attack $attack
 */
final class TestItem extends Model
{
    use BelongsToSchool;

    public $timestamps = false;

    protected function casts(): array
    {
        return ['side' => Side::class];
    }

    public function title(): string
    {
        return sided($this->attack->title, $this->side);
    }

    /** @return BelongsTo<Attack, $this> */
    public function attack(): BelongsTo
    {
        return $this->belongsTo(Attack::class);
    }
}
