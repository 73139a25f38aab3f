<?php

declare(strict_types=1);

namespace App\View\Drill;

use App\Models\User;

/**
 * Says on a device who records there, in a way that only this school could have written: a rep that waits belongs to
 * that person, whoever has signed in by the time it is sent.
 */
final readonly class Recorder
{
    public static function token(User $user): string
    {
        return $user->id.'.'.self::sign($user->id, $user->school_id);
    }

    /** The person whom a token names, or who sends it where it names nobody of this school any more. */
    public static function read(mixed $token, User $sender): ?User
    {
        if (
            ! is_string($token)
            || preg_match('/^([1-9][0-9]{0,17})\.([0-9a-f]{64})$/D', $token, $part) !== 1
            || ! hash_equals(self::sign((int) $part[1], $sender->school_id), $part[2])
        ) {
            return $sender;
        }

        return (int) $part[1] === $sender->id
            ? $sender
            : User::query()->where('school_id', $sender->school_id)->find((int) $part[1]);
    }

    private static function sign(int $user, int $school): string
    {
        return hash_hmac('sha256', "recorder {$school} {$user}", (string) config('app.key'));
    }
}
