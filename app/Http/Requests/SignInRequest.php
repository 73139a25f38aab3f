<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Auth\KnownDevice;
use App\Auth\PendingSignIn;
use App\Auth\SignInThrottle;
use App\Models\User;
use Illuminate\Auth\Events\Failed;
use Illuminate\Auth\Events\Lockout;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\ValidationException;

final class SignInRequest extends FieldsRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return [
            'email' => ['required', 'string', 'max:200'],
            'password' => ['required', 'string', 'max:200'],
            'remember' => ['boolean'],
        ];
    }

    /**
     * @throws ValidationException when the email or the password is wrong, or there were too many wrong tries
     * @return bool false where the second factor is still to come
     */
    public function authenticate(SignInThrottle $throttle): bool
    {
        $email = (string) $this->string('email');
        $device = KnownDevice::of($this);
        $seconds = $throttle->enter($email, (string) $this->ip(), $device->idFor($email));
        if ($seconds > 0) {
            event(new Lockout($this));

            throw ValidationException::withMessages(['email' => trans_choice('session.wait', $seconds)]);
        }
        $user = $this->signsIn($email);
        if ($user === null) {
            throw ValidationException::withMessages(['email' => __('session.wrong')]);
        }
        $throttle->succeed($email, (string) $this->ip(), $device->idFor($email));
        if ($user->totp_since !== null) {
            PendingSignIn::begin($this, $user, $this->boolean('remember'));

            return false;
        }
        $device->remember($email);
        Auth::login($user, $this->boolean('remember'));

        return true;
    }

    /** The account that email and password belong to. An unknown one takes as long as a known one. */
    private function signsIn(string $email): ?User
    {
        $user = User::query()->where('email', User::sameEmail($email))->first();
        $isRight = Hash::check((string) $this->string('password'), $user->password ?? SignInThrottle::hashOfNobody());

        if ($isRight && $user?->isClosed() === false) {
            return $user;
        }
        event(new Failed('web', null, ['email' => $email]));

        return null;
    }
}
