<?php

declare(strict_types=1);

namespace App\Auth;

use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Support\Facades\Crypt;

/**
 * A school that somebody wants to start, as it travels in the link of a mail: nothing is kept of it until whoever reads that
 * mail follows the link.
 */
final readonly class PendingSchool
{
    /** Hours for which its link holds. */
    public const HOURS = 24;

    /**
     * @param array<string, mixed>                                 $school columns
     * @param array{name: string, email: string, password: string} $head   the password as a hash
     * @param string                                               $once   of the link by which somebody was invited to start it; empty without
     */
    public function __construct(public array $school, public array $head, public string $once = '') {}

    public function link(): string
    {
        $until = CarbonImmutable::now()->addHours(self::HOURS)->getTimestamp();

        return route('beginning.confirm', ['with' => strtr(Crypt::encrypt([$until, $this->school, $this->head, $this->once]), '+/', '-_')]);
    }

    /** Null where the link was not written here, is over, or has been followed: its email has an account. */
    public static function read(string $with): ?self
    {
        try {
            [$until, $school, $head, $once] = Crypt::decrypt(strtr($with, '-_', '+/'));
        } catch (DecryptException) {
            return null;
        }

        return $until < CarbonImmutable::now()->getTimestamp() || User::query()->where('email', $head['email'])->exists() ? null : new self($school, $head, $once);
    }
}
