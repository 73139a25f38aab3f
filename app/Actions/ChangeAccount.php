<?php

declare(strict_types=1);

namespace App\Actions;

use App\Auth\Sessions;
use App\Models\Role;
use App\Models\School;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Changes what an account may do, closes it and opens it again. A school always keeps a head who can sign in. */
final readonly class ChangeAccount
{
    public function __construct(private Sessions $sessions) {}

    /**
     * @param list<int> $children ids of students, of a guardian
     *
     * @return bool false where the school would be left without a head
     */
    public function giveRole(User $user, Role $role, array $children = []): bool
    {
        return $this->change($user, $role !== Role::Head, static function () use ($user, $role, $children): void {
            $user->update(['role' => $role, 'student_id' => null]);
            $user->entrust($role === Role::Guardian ? $children : []);
        });
    }

    /** @return bool false where the school would be left without a head */
    public function close(User $user): bool
    {
        return $this->change($user, true, static fn () => $user->update(['closed_at' => CarbonImmutable::now()]));
    }

    public function restore(User $user): void
    {
        $user->update(['closed_at' => null]);
    }

    /** @param bool $isHeadNoMore whether the account is no head’s afterwards that anybody can sign in with */
    private function change(User $user, bool $isHeadNoMore, callable $change): bool
    {
        return DB::transaction(function () use ($user, $isHeadNoMore, $change): bool {
            // Two heads who remove each other at once come one after the other.
            School::query()->whereKey($user->school_id)->lockForUpdate()->first();
            $isHead = User::query()->whereKey($user->id)->where('role', Role::Head)->whereNull('closed_at')->exists();
            $hasOther = User::query()
                ->where('school_id', $user->school_id)
                ->where('role', Role::Head)
                ->whereNull('closed_at')
                ->whereKeyNot($user->id)
                ->exists();
            if ($isHead && $isHeadNoMore && ! $hasOther) {
                return false;
            }
            $change();
            $this->sessions->endAll($user);

            return true;
        });
    }
}
