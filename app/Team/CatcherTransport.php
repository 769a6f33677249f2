<?php

declare(strict_types=1);

namespace App\Team;

use LogicException;
use Symfony\Component\Mailer\SentMessage;
use Symfony\Component\Mailer\Transport\AbstractTransport;
use Symfony\Component\Mime\Message;
use Symfony\Component\Mime\MessageConverter;

/** The simulated gateway: every mail ends in the catcher's inbox. */
final class CatcherTransport extends AbstractTransport
{
    protected function doSend(SentMessage $message): void
    {
        $original = $message->getOriginalMessage();
        if (! ($original instanceof Message)) {
            throw new LogicException('the catcher takes composed mails only');
        }
        $email = MessageConverter::toEmail($original);
        foreach ($email->getTo() as $to) {
            CaughtMail::query()->create([
                'recipient' => $to->getAddress(),
                'subject' => (string) $email->getSubject(),
                'body' => (string) ($email->getTextBody() ?? strip_tags((string) $email->getHtmlBody())),
            ]);
        }
    }

    public function __toString(): string
    {
        return 'catcher';
    }
}
