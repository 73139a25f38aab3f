<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Models\OutboxMail;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;

/** Mails that were kept instead of sent, where there is no mail server. */
final class OutboxController
{
    private const PAGE = 20;

    public function index(#[CurrentUser] User $user): View
    {
        return view('outbox.index', ['mails' => $user->school->outbox()->paginate(self::PAGE)]);
    }

    public function show(OutboxMail $mail): View
    {
        return view('outbox.show', ['mail' => $mail]);
    }
}
