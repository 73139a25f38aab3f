<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Models\Rep;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What reps are recorded of.
 *
 * @mixin Model
 */
trait HasReps
{
    /** @return HasMany<Rep, $this> */
    public function reps(): HasMany
    {
        $reps = $this->hasMany(Rep::class);

        // Every index of the reps begins with the school; of several at once it is not known here.
        return $this->exists ? $reps->where('reps.school_id', $this->school_id) : $reps;
    }
}
