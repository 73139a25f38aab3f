<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\ChangeAccount;
use App\Auth\Sessions;
use App\Models\Role;
use App\Models\User;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Validator;
use Illuminate\Validation\Rules\Password;

/**
 * Lets somebody in again whom nobody of the school can help: a new password, no second factor, and if wanted as a head.
 */
final class RescueAccountCommand extends Command
{
    protected $signature = 'account:rescue
        {email : email that the account signs in with}
        {--password= : its new password; asked for when left out}
        {--head : makes it a head of its school}';

    protected function configure(): void
    {
        $this->setDescription(__('accounts.rescue.is'));
    }

    public function handle(ChangeAccount $change, Sessions $sessions): int
    {
        $user = User::query()->where('email', (string) $this->argument('email'))->first();
        if ($user === null) {
            $this->error(__('accounts.rescue.unknown'));

            return self::FAILURE;
        }
        $password = $this->option('password') ?? $this->secret(__('accounts.rescue.password'));
        $validator = Validator::make(
            ['password' => $password],
            ['password' => ['required', 'string', 'max:200', Password::defaults()]],
        );
        if ($validator->fails()) {
            $this->error((string) $validator->errors()->first());

            return self::FAILURE;
        }
        DB::transaction(function () use ($user, $password, $change, $sessions): void {
            $user->update([
                'password' => (string) $password,
                'totp_secret' => null,
                'totp_since' => null,
                'recovery_codes' => null,
                'closed_at' => null,
            ]);
            if ($this->option('head') === true) {
                $change->giveRole($user, Role::Head);
            }
            $sessions->endAll($user);
        });
        $this->info(
            __('accounts.rescue.done', [
                'name' => $user->name,
                'school' => $user->school->name,
                'url' => config('app.url'),
            ]),
        );

        return self::SUCCESS;
    }
}
