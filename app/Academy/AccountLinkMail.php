<?php

declare(strict_types=1);

namespace App\Academy;

use App\Models\User;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;
use Illuminate\Support\Carbon;

/** The link that a lead can also hand on by himself; sent only where a mail server is set up (MAIL_MAILER). */
final class AccountLinkMail extends Mailable
{
    public function __construct(
        public readonly User $lead,
        public readonly string $address,
        public readonly Carbon $until,
        public readonly bool $isInvitation,
    ) {}

    public function envelope(): Envelope
    {
        return new Envelope(
            subject: $this->isInvitation ? "{$this->lead->name} invites you to Low Point" : 'Your new password for Low Point',
        );
    }

    public function content(): Content
    {
        return new Content(text: 'account-link');
    }
}
