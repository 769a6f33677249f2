<?php

declare(strict_types=1);

namespace App\Clients\Views;

use App\Clients\Attachment;

final readonly class AttachmentView
{
    private function __construct(
        public int $id,
        public string $kind,
        public ?string $caption,
        /** The one fact or part it shows. */
        public ?string $about,
        public string $name,
        public float $kilobytes,
        public string $by,
        public string $on,
        public string $href,
    ) {
    }

    public static function of(Attachment $attachment): self
    {
        return new self(
            id: $attachment->id,
            kind: $attachment->kind,
            caption: $attachment->caption,
            about: $attachment->about,
            name: $attachment->original_name,
            kilobytes: round($attachment->bytes / 1024),
            by: (string) $attachment->user?->name,
            on: $attachment->created_at?->toDateString() ?? '',
            href: "/attachments/{$attachment->id}",
        );
    }
}
