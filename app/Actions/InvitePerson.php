<?php

declare(strict_types=1);

namespace App\Actions;

use App\Mail\InvitationMail;
use App\Models\Invitation;
use App\Models\Role;
use App\Models\School;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;

/** Invites somebody to a school: by mail with a link, or with a code on a card. */
final readonly class InvitePerson
{
    /**
     * @param list<int> $students ids: the student who is invited, or the children of a guardian
     *
     * @return string the code, which is not known again afterwards
     */
    public function invite(School $school, string $name, ?string $email, Role $role, array $students, User $by): string
    {
        $code = Invitation::newCode();
        $invitation = DB::transaction(static fn (): Invitation => Invitation::create([
            'school_id' => $school->id,
            'name' => $name,
            'email' => $email === null ? null : User::sameEmail($email),
            'role' => $role,
            'students' => $students,
            'token' => Invitation::hashOf($code),
            'invited_by_id' => $by->id,
            'expires_at' => CarbonImmutable::now()->addDays(Invitation::DAYS),
        ]));
        if ($invitation->email !== null) {
            Mail::to($invitation->email)->send(new InvitationMail($invitation->setRelation('school', $school), route('join.show', $code)));
        }

        return $code;
    }
}
