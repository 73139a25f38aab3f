<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\Json;
use App\Models\Concerns\BelongsToSchool;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int                  $id
 * @property string               $code
 * @property string               $name
 * @property int                  $rank_id
 * @property float|null           $height
 * @property CarbonImmutable|null $born
 * @property list<string>         $flags
 * @property Rank                 $rank
 */
final class Student extends Model
{
    use BelongsToSchool;

    /** Whether what bars the student can be read. */
    public function hasReadableFlags(): bool
    {
        return json_decode((string) ($this->getAttributes()['flags'] ?? '[]'), true) === $this->flags;
    }

    protected function casts(): array
    {
        return ['height' => 'float', 'born' => 'immutable_date', 'flags' => Json::TEXTS];
    }

    /** @return BelongsTo<Rank, $this> */
    public function rank(): BelongsTo
    {
        return $this->belongsTo(Rank::class);
    }

    /** @return HasMany<Rep, $this> */
    public function reps(): HasMany
    {
        return $this->hasMany(Rep::class);
    }
}
