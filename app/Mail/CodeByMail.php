<?php

declare(strict_types=1);

namespace App\Mail;

use App\Models\Shop;
use Carbon\CarbonImmutable;
use Illuminate\Mail\Mailable;
use Illuminate\Mail\Mailables\Content;
use Illuminate\Mail\Mailables\Envelope;

/** A one-time code, to the person who may use it. */
final class CodeByMail extends Mailable
{
    /** @param  string  $address of the page that takes the code, whole */
    public function __construct(
        public readonly Shop $shop,
        public readonly string $code,
        public readonly string $address,
        public readonly CarbonImmutable $until,
    ) {
    }

    public function envelope(): Envelope
    {
        return new Envelope(subject: "A code for {$this->shop->name}");
    }

    public function content(): Content
    {
        return new Content(text: 'mail.code', with: ['until' => $this->until->setTimezone($this->shop->time_zone)]);
    }
}
