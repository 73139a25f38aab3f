<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Auth\BeginningInvitation;
use Illuminate\Console\Command;

/** Makes a link by which one school can be started here. */
final class InviteSchoolCommand extends Command
{
    protected $signature = 'school:invite';

    protected function configure(): void
    {
        $this->setDescription(__('beginning.command.invite'));
    }

    public function handle(BeginningInvitation $invitation): int
    {
        $this->line($invitation->link());

        return self::SUCCESS;
    }
}
