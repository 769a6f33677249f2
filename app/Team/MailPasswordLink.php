<?php

declare(strict_types=1);

namespace App\Team;

use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Password;

/**
 * A link to choose a password, by mail. Made and sent beside the request: who asks learns nothing from how long the answer takes,
 * and a mail server that is down stops nobody from being let in.
 */
final class MailPasswordLink implements ShouldQueue
{
    use Queueable;

    public int $tries = 4;

    public int $timeout = 60;

    public function __construct(private readonly string $email)
    {
    }

    /** @return list<int> s */
    public function backoff(): array
    {
        // The first later than a minute: within one the framework makes no second link.
        return [90, 300, 900];
    }

    public function handle(): void
    {
        Password::sendResetLink(['email' => $this->email, 'archived_at' => null]);
    }
}
