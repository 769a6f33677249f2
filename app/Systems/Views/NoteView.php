<?php

declare(strict_types=1);

namespace App\Systems\Views;

use App\Systems\StandingNote;

final readonly class NoteView
{
    private function __construct(
        public int $id,
        public string $text,
        public string $by,
        public string $on,
        public ?string $until,
    ) {
    }

    public static function of(StandingNote $note): self
    {
        return new self(
            $note->id,
            $note->text,
            (string) $note->user?->name,
            $note->created_at?->toDateString() ?? '',
            $note->until?->toDateString(),
        );
    }
}
