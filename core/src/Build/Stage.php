<?php

declare(strict_types=1);

namespace Velbrin\Core\Build;

/** A stage of the work: who, how long, what to beware of, what proves it, and how long the next one waits (B-71). */
final readonly class Stage
{
    /**
     * @param  list<string>  $cautions
     * @param  list<string>  $clearRules
     * @param  list<string>  $holds
     * @param  list<string>  $tools  what the house usually takes along
     */
    public function __construct(
        public string $key,
        public string $label,
        public float $hours,
        public int $persons,
        public string $proof,
        public array $cautions = [],
        /** Days after the work until the proof can stand: cure, leak test, lead time, water to be made. */
        public float $waitDays = 0,
        public string $waitsFor = '',
        /** What can hurt people clears by numbers or a licensed person’s document only. */
        public bool $mayBeWaived = true,
        /** Silicone, water and bacteria take their days whoever is in a hurry: no proof stands before. */
        public bool $mustWait = false,
        /** Rules whose clean answer on the plan clears it without a document; empty where only a document does. */
        public array $clearRules = [],
        public array $tools = [],
        /** Looked at and ticked before what cannot be undone (X-42, X-47). */
        public array $holds = [],
    ) {
    }

    public function personHours(): float
    {
        return $this->hours * $this->persons;
    }
}
