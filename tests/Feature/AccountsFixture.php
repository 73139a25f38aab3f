<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\OutboxMail;

/** What the tests of Accounts share. */
final class AccountsFixture
{
    /** The last mail that was kept, which is to this address. */
    public static function mail(string $to): string
    {
        $mail = OutboxMail::query()->where('recipient', $to)->orderByDesc('id')->firstOrFail();

        return "{$mail->subject}\n{$mail->body}";
    }

    /** The address that a mail leads to, without its host. */
    public static function link(string $mail): string
    {
        preg_match('~https?://[^/\s]+(/\S+)~', $mail, $found);

        return $found[1] ?? '';
    }
}
