<?php

declare(strict_types=1);

namespace App\Auth;

use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Crypt;

/**
 * A school that somebody wants to start. It is kept, sealed, until whoever reads the mail to its head follows the link
 * there.
 */
final readonly class PendingSchool
{
    /** Hours for which its link holds. */
    public const HOURS = 24;

    /**
     * @param array<string, mixed>                                 $school columns
     * @param array{name: string, email: string, password: string} $head   the password as a hash
     * @param string                                               $once   of the link by which somebody was invited to
     *     start it; empty without
     */
    public function __construct(public array $school, public array $head, public string $once = '') {}

    /** Keeps it for as long as its link holds. */
    public function link(): string
    {
        $token = Secret::make();
        Cache::put(
            self::key($token),
            Crypt::encrypt([$this->school, $this->head, $this->once]),
            CarbonImmutable::now()->addHours(self::HOURS),
        );

        return route('beginning.confirm', ['with' => $token]);
    }

    /** Null where the link was not written here, is over, or has been followed: its email has an account. */
    public static function read(string $token): ?self
    {
        $kept = Cache::get(self::key($token));
        if (! is_string($kept)) {
            return null;
        }
        [$school, $head, $once] = Crypt::decrypt($kept);

        return User::query()->where('email', $head['email'])->exists() ? null : new self($school, $head, $once);
    }

    private static function key(string $token): string
    {
        return 'beginning:pending:'.Secret::hash($token);
    }
}
