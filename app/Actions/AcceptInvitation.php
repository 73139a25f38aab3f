<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Invitation;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Makes an account of an invitation, which is used up by that. */
final readonly class AcceptInvitation
{
    /** @return ?User null where the invitation does not hold any more, or its student has an account already */
    public function accept(Invitation $invitation, string $name, string $email, string $password): ?User
    {
        return DB::transaction(static function () use ($invitation, $name, $email, $password): ?User {
            $held = Invitation::query()->whereKey($invitation->id)->lockForUpdate()->first();
            $student = $held?->role === Role::Student ? $held->students[0] ?? null : null;
            $isTaken = $student !== null && User::query()->where('student_id', $student)->exists();
            $isAllowed
                = $held?->role !== Role::Student || $held->school->students()->find($student)?->hasConsent() === true;
            if ($held === null || $held->isOver() || $isTaken || ! $isAllowed) {
                return null;
            }
            $user = User::create([
                'school_id' => $held->school_id,
                'student_id' => $student,
                'name' => $name,
                'email' => $email,
                'password' => $password,
                'role' => $held->role,
            ]);
            if ($held->role === Role::Guardian) {
                $user->entrust($held->school->students()->whereKey($held->students)->pluck('id')->all());
            }
            $held->delete();

            return $user;
        });
    }
}
