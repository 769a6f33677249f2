<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

/** One crew on one day: who, from where, how long, with which vehicle. Minutes of the day. */
final readonly class CrewDay
{
    /**
     * @param  list<int>  $members
     * @param  list<string>  $skills
     */
    public function __construct(
        public int $crew,
        public int $day,
        public Spot $depot,
        public float $startMin,
        public float $endMin,
        public float $breakMin,
        public array $members,
        public array $skills,
        public float $payloadKg,
        public float $saltL,
        public float $roL,
        /** Today: now. Nothing new begins before it. */
        public float $notBeforeMin = 0,
    ) {
    }

    public function key(): string
    {
        return "{$this->crew}@{$this->day}";
    }
}
