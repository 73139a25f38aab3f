<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\OutboxMail;
use Carbon\CarbonImmutable;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;
use Symfony\Component\Mime\Address;
use Symfony\Component\Mime\Email;
use Symfony\Component\Mime\Message;
use Symfony\Component\Mime\MessageConverter;

/** Stands in for a mail server: keeps every mail for the head of the school to see, and sends none. */
final class OutboxTransport extends AbstractTransport
{
    protected function doSend(SentMessage $message): void
    {
        $original = $message->getOriginalMessage();
        $email = $original instanceof Message ? MessageConverter::toEmail($original) : new Email();
        OutboxMail::create([
            'school_id' => self::school($email),
            'recipient' => implode(
                ', ',
                array_map(static fn (Address $address): string => $address->getAddress(), $email->getTo()),
            ),
            'subject' => (string) $email->getSubject(),
            'body' => (string) $email->getTextBody(),
            'created_at' => CarbonImmutable::now(),
        ]);
    }

    public function __toString(): string
    {
        return 'outbox';
    }

    private static function school(Email $email): ?int
    {
        $header = $email->getHeaders()->get(SchoolMail::HEADER)?->getBodyAsString();

        return $header === null ? null : (int) $header;
    }
}
