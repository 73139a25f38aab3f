<?php

declare(strict_types=1);

namespace App\Actions;

use App\Auth\CardCode;
use App\Mail\InvitationMail;
use App\Models\Invitation;
use App\Models\Role;
use App\Models\School;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;

/** Invites somebody to a school: by mail with a link, or with a code on a card. */
final readonly class InvitePerson
{
    /**
     * @param list<int> $students ids: the student who is invited, or the children of a guardian
     *
     * @return array{string, bool} the code, which is not known again afterwards, and whether a mail has brought it
     */
    public function invite(School $school, string $name, ?string $email, Role $role, array $students, User $by): array
    {
        $code = CardCode::make();
        $invitation = DB::transaction(
            static fn (): Invitation => Invitation::create([
                'school_id' => $school->id,
                'name' => $name,
                'email' => $email === null ? null : User::sameEmail($email),
                'role' => $role,
                'students' => $students,
                'token' => CardCode::hash($code),
                'invited_by_id' => $by->id,
                'expires_at' => CarbonImmutable::now()->addDays(Invitation::DAYS),
            ]),
        );

        return [
            $code,
            $email !== null && $this->send($invitation->setRelation('school', $school), User::sameEmail($email), $code),
        ];
    }

    /** @return bool false where there is no way to send it now */
    private function send(Invitation $invitation, string $email, string $code): bool
    {
        try {
            Mail::to($email)->send(new InvitationMail($invitation, route('join.show', $code)));
        } catch (TransportExceptionInterface $exception) {
            report($exception);

            return false;
        }

        return true;
    }
}
