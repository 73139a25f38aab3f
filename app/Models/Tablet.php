<?php

declare(strict_types=1);

namespace App\Models;

use App\Auth\CardCode;
use App\Models\Concerns\BelongsToSchool;
use App\Models\Concerns\KeepsLog;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * A tablet on the bench that runs the Mat and records, and nothing else. It is paired by a code that holds for a short
 * time; of the code, and of what the tablet is known by afterwards, a hash alone is kept.
 *
 * @property int                  $id
 * @property int                  $school_id
 * @property string               $name
 * @property string               $token      of the code until it is paired, then of its secret
 * @property CarbonImmutable|null $expires_at until when the code can be typed; null once it is paired
 * @property CarbonImmutable|null $seen_at    when somebody last began to record on it
 * @property School               $school
 */
final class Tablet extends Model
{
    use BelongsToSchool;
    use KeepsLog;

    /** Minutes for which a code can be typed. */
    public const MINUTES = 15;

    protected $attributes = ['seen_at' => null];

    protected function casts(): array
    {
        return ['expires_at' => 'immutable_datetime', 'seen_at' => 'immutable_datetime'];
    }

    /** The one that waits for this code. */
    public static function byCode(string $code): ?self
    {
        return self::query()
            ->where('token', CardCode::hash($code))
            ->where('expires_at', '>', CarbonImmutable::now())
            ->first();
    }

    public function isPaired(): bool
    {
        return $this->expires_at === null;
    }

    /** Whether somebody can still type its code, or has. */
    public function isUsable(): bool
    {
        return $this->expires_at === null || $this->expires_at->isFuture();
    }
}
