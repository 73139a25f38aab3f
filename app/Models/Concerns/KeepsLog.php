<?php

declare(strict_types=1);

namespace App\Models\Concerns;

use Illuminate\Database\Eloquent\Model;
use Spatie\Activitylog\LogOptions;
use Spatie\Activitylog\Traits\LogsActivity;

/**
 * A row of which the school's log tells who made, changed or deleted it, and what was before and after.
 *
 * @mixin Model
 */
trait KeepsLog
{
    use LogsActivity;

    /** Columns that tell nobody anything, or that nobody else may know. */
    private const UNTOLD = [
        'id', 'school_id', 'created_at', 'updated_at', 'version', 'updated_by_id', 'invited_by_id', 'made_by_id',
        'password', 'remember_token', 'token', 'totp_secret', 'pin', 'seen_at', 'calendar', 'recovery_codes',
    ];

    public function getActivitylogOptions(): LogOptions
    {
        return LogOptions::defaults()
            ->logAll()
            ->logExcept(self::UNTOLD)
            ->dontLogIfAttributesChangedOnly(self::UNTOLD)
            ->logOnlyDirty()
            ->dontSubmitEmptyLogs();
    }

    /**
     * Tells of a change that was written without the events of a model.
     *
     * @param array<string, mixed> $before raw columns
     * @param array<string, mixed> $after  raw columns
     */
    protected function logChange(array $before, array $after): void
    {
        $changed = array_filter(
            $after,
            static fn (mixed $value, string $column): bool => ! in_array($column, self::UNTOLD, true)
                && $value !== ($before[$column] ?? null),
            ARRAY_FILTER_USE_BOTH,
        );
        if ($changed !== []) {
            activity()
                ->performedOn($this)
                ->event('updated')
                ->withProperties(['attributes' => $changed, 'old' => array_intersect_key($before, $changed)])
                ->log('updated');
        }
    }
}
