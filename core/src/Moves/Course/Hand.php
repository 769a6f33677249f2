<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Course;

/** Somebody of the team, what they can do, and when they are there. */
final readonly class Hand
{
    /**
     * @param  list<string>  $skills
     * @param  int|null  $fromMin  min from the beginning of the work; null: from before it
     * @param  int|null  $untilMin  null: as long as it takes
     */
    public function __construct(
        public string $id,
        public array $skills = [],
        public ?int $fromMin = null,
        public ?int $untilMin = null,
    ) {
    }

    /** A step may ask for somebody who can do a thing, or for somebody by name. */
    public function has(string $skill): bool
    {
        return $skill === $this->id || in_array($skill, $this->skills, true);
    }

    public function isThere(int $fromMin, int $untilMin): bool
    {
        return $this->outsideMin($fromMin, $untilMin) === 0;
    }

    /** So much of that time they are not there. */
    public function outsideMin(int $fromMin, int $untilMin): int
    {
        $from = max($fromMin, $this->fromMin ?? $fromMin);
        $until = min($untilMin, $this->untilMin ?? $untilMin);

        return $untilMin - $fromMin - max(0, $until - $from);
    }

    /** Seen from the end of a plan backwards. */
    public function mirrored(int $finishMin): self
    {
        return new self(
            $this->id,
            $this->skills,
            $this->untilMin === null ? null : $finishMin - $this->untilMin,
            $this->fromMin === null ? null : $finishMin - $this->fromMin,
        );
    }
}
