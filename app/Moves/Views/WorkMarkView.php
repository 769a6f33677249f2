<?php

declare(strict_types=1);

namespace App\Moves\Views;

use App\Moves\Works\WorkMark;
use App\Team\User;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Moves\Work\Step;

/** What somebody said of a step. */
final readonly class WorkMarkView
{
    private function __construct(
        public int $id,
        public string $at,
        public string $by,
        /** What was read, counted or answered; null: done, no more. */
        public ?string $said,
        public ?string $words,
        public ?int $photoId,
        public bool $mayTakeBack,
    ) {
    }

    public static function of(WorkMark $mark, Step $step, User $user): self
    {
        return new self(
            id: $mark->id,
            at: $mark->at->toIso8601String(),
            by: (string) $mark->user?->name,
            said: match (true) {
                $mark->answer !== null => $mark->answer ? 'yes' : 'no',
                $mark->value !== null => $user->units()->show(Quantity::of($mark->value, $step->unit ?? Kind::Count)),
                default => null,
            },
            words: $mark->words,
            photoId: $mark->attachment_id,
            mayTakeBack: $user->can('update', $mark),
        );
    }
}
