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
            id: $f->id,
            systemId: $f->system_id,
            system: (string) $f->system?->name,
            kind: FollowUp::KINDS[$f->kind] ?? $f->kind,
            text: $f->text,
            owner: (string) $f->owner?->name,
            dueOn: $f->due_on->toDateString(),
            late: $f->due_on->endOfDay()->isPast(),
            onSite: $f->on_site,
        );
    }
}
