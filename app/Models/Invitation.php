<?php

declare(strict_types=1);

namespace App\Models;

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

    /** Letters and digits of a code that are not taken for each other. */
    private const SIGNS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';

    private const LENGTH = 12;

    protected function casts(): array
    {
        return ['role' => Role::class, 'students' => 'array', 'expires_at' => 'immutable_datetime'];
    }

    /** A code that nobody guesses: twelve signs, sixty bits. */
    public static function newCode(): string
    {
        $code = '';
        for ($place = 0; $place < self::LENGTH; $place++) {
            $code .= self::SIGNS[random_int(0, strlen(self::SIGNS) - 1)];
        }

        return $code;
    }

    /** A code as it is written on a card. */
    public static function spaced(string $code): string
    {
        return implode(' ', str_split($code, 4));
    }

    /** The one that a code belongs to, while it holds. */
    public static function byCode(string $code): ?self
    {
        return self::query()->where('token', self::hashOf($code))->where('expires_at', '>', CarbonImmutable::now())->first();
    }

    /** What is kept of a code, however it is typed. */
    public static function hashOf(string $code): string
    {
        return hash('sha256', strtoupper((string) preg_replace('/[^A-Za-z0-9]/', '', $code)));
    }

    public function isOver(): bool
    {
        return $this->expires_at->isPast();
    }
}
