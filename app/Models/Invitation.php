<?php

declare(strict_types=1);

namespace App\Models;

use App\Auth\CardCode;
use App\Models\Concerns\BelongsToSchool;
use App\Models\Concerns\KeepsLog;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Somebody who is invited to a school and has not come yet. What they come with is kept as a hash alone.
 *
 * @property int             $id
 * @property int             $school_id
 * @property string          $name
 * @property string|null     $email
 * @property Role            $role
 * @property list<int>       $students  ids: the one who is invited, or the children of a guardian
 * @property string          $token
 * @property CarbonImmutable $expires_at
 * @property School          $school
 */
final class Invitation extends Model
{
    use BelongsToSchool;
    use KeepsLog;

    /** Days for which it holds. */
    public const DAYS = 7;

    protected function casts(): array
    {
        return ['role' => Role::class, 'students' => 'array', 'expires_at' => 'immutable_datetime'];
    }

    /** The one that a code belongs to, while it holds. */
    public static function byCode(string $code): ?self
    {
        return self::query()
            ->where('token', CardCode::hash($code))
            ->where('expires_at', '>', CarbonImmutable::now())
            ->first();
    }

    public function isOver(): bool
    {
        return $this->expires_at->isPast();
    }
}
