<?php

declare(strict_types=1);

namespace App\Http\Requests\Account;

use App\Auth\Sessions;
use App\Http\Requests\FieldsRequest;
use App\Mail\AccountChangedMail;
use App\Models\User;
use Illuminate\Support\Facades\Password as Broker;
use Illuminate\Validation\Rules\Password;

/** A new password, with what the mail brought. */
final class NewPasswordRequest extends FieldsRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'token' => ['required', 'string', 'max:200'],
            'email' => ['required', 'string', 'max:200'],
            'password' => ['required', 'string', 'max:200', Password::defaults()],
        ];
    }

    /** @return bool false where the link does not hold, or there is no such account */
    public function reset(): bool
    {
        $given = [
            'email' => User::sameEmail((string) $this->validated('email')),
            'token' => $this->validated('token'),
            'password' => $this->validated('password'),
            'closed_at' => null,
        ];

        return Broker::reset($given, static function (User $user, string $password): void {
            $user->update(['password' => $password]);
            app(Sessions::class)->endAll($user);
            activity()->performedOn($user)->event('password')->log('password');
            AccountChangedMail::tell($user, 'password');
        }) === Broker::PASSWORD_RESET;
    }
}
