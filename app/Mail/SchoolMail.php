<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\School;
use Illuminate\Bus\Queueable;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use Illuminate\Mail\Mailables\Headers;

/** A plain mail of a school to one person. */
abstract class SchoolMail extends Mailable
{
    use Queueable;

    /** Which school it is of, for the outbox. */
    public const HEADER = 'X-Stone-Drill-School';

    public function __construct(public readonly School $school) {}

    public function envelope(): Envelope
    {
        return new Envelope(subject: __("mail.{$this->name()}.subject", ['school' => $this->school->name]));
    }

    public function content(): Content
    {
        /** @var view-string $view */
        $view = "mail.{$this->name()}";

        return new Content(text: $view);
    }

    public function headers(): Headers
    {
        return new Headers(text: [self::HEADER => (string) $this->school->id]);
    }

    /** Its view, and the key of its words. */
    abstract protected function name(): string;
}
