<?php

declare(strict_types=1);

namespace App\Moves\Views;

use App\House\Days;
use App\Rounds\FollowUp;

/** A job that comes before a move: what, by when, whether it is done. */
final readonly class MoveBeforeView
{
    private function __construct(public string $text, public string $dueOn, public ?string $doneOn, public bool $isLate)
    {
    }

    public static function of(FollowUp $job): self
    {
        $due = $job->due_on->toDateString();

        return new self(
            text: $job->text,
            dueOn: $due,
            doneOn: $job->done_at?->toDateString(),
            isLate: $job->done_at === null && $due < Days::text(),
        );
    }
}
