<?php

declare(strict_types=1);

namespace App\Rounds\Views;

use App\Rounds\FollowUp;

final readonly class FollowUpView
{
    private function __construct(
        public int $id,
        public int $systemId,
        public string $system,
        public string $kind,
        public string $text,
        public string $owner,
        public string $dueOn,
        public bool $late,
        public bool $onSite,
    ) {
    }

    /** The follow-up is loaded with system and owner. */
    public static function of(FollowUp $f): self
    {
        return new self(
            $f->id,
            $f->system_id,
            (string) $f->system?->name,
            FollowUp::KINDS[$f->kind] ?? $f->kind,
            $f->text,
            (string) $f->owner?->name,
            $f->due_on->toDateString(),
            $f->due_on->endOfDay()->isPast(),
            $f->on_site,
        );
    }
}
