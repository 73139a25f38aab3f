<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Models\Footage;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * What can be photographed and filmed.
 *
 * @mixin Model
 */
trait HasFootage
{
    /** @return HasMany<Footage, $this> its pictures and clips, in the order in which they came */
    public function footage(): HasMany
    {
        return $this->hasMany(Footage::class)->orderBy('id');
    }
}
