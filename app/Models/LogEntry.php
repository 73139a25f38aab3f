<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Spatie\Activitylog\Models\Activity;

/**
 * What somebody did in a school, with what was before and after, and from where.
 *
 * @property int|null        $school_id
 * @property string|null     $address
 * @property CarbonImmutable $created_at
 */
final class LogEntry extends Activity
{
    protected static function booted(): void
    {
        static::creating(static function (self $entry): void {
            $entry->address ??= app()->runningInConsole() && ! app()->runningUnitTests() ? null : request()->ip();
            $entry->school_id ??=
                self::schoolOf($entry->getRelationValue('subject'))
                ?? self::schoolOf($entry->getRelationValue('causer'));
        });
    }

    /** @return BelongsTo<School, $this> */
    public function school(): BelongsTo
    {
        return $this->belongsTo(School::class);
    }

    private static function schoolOf(?Model $model): ?int
    {
        return match (true) {
            $model === null => null,
            $model instanceof School => $model->id,
            default => $model->getAttributes()['school_id'] ?? null,
        };
    }
}
