<?php

declare(strict_types=1);

namespace App\Team\Views;

use App\Team\CaughtMail;

final readonly class CaughtMailView
{
    private function __construct(
        public int $id,
        public string $to,
        public string $subject,
        public string $body,
        public string $at,
    ) {
    }

    public static function of(CaughtMail $mail): self
    {
        return new self(
            $mail->id,
            $mail->recipient,
            $mail->subject,
            $mail->body,
            $mail->created_at?->toIso8601ZuluString() ?? '',
        );
    }
}
