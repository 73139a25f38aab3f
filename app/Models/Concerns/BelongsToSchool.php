<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use App\Models\School;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\Auth;

/**
 * A row of one school. An address never leads to the row of another school than that of whoever is signed in.
 *
 * @mixin Model
 */
trait BelongsToSchool
{
    /** @return BelongsTo<School, $this> */
    public function school(): BelongsTo
    {
        return $this->belongsTo(School::class);
    }

    /**
     * @param Builder<static> $query
     *
     * @return Builder<static>
     */
    public function resolveRouteBindingQuery($query, $value, $field = null)
    {
        return parent::resolveRouteBindingQuery($query, $value, $field)->where('school_id', Auth::user()?->school_id);
    }

    public function resolveRouteBinding($value, $field = null): ?Model
    {
        $row = parent::resolveRouteBinding($value, $field);
        $user = Auth::user();

        // The school is one that whoever is signed in has at hand.
        return $user instanceof User ? $row?->setRelation('school', $user->school) : $row;
    }
}
