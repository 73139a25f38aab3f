<?php

declare(strict_types=1);

namespace App\Mail;

use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** The link by which a school is started, to whoever wants to be its first head. */
final class BeginningMail extends Mailable
{
    /** @param string|null $link null where the email has an account already */
    public function __construct(
        public readonly string $person,
        public readonly string $school,
        public readonly ?string $link,
    ) {}

    public function envelope(): Envelope
    {
        return new Envelope(subject: __('mail.beginning.subject', ['school' => $this->school]));
    }

    public function content(): Content
    {
        return new Content(text: 'mail.beginning');
    }
}
