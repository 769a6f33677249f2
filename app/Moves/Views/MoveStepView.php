<?php

declare(strict_types=1);

namespace App\Moves\Views;

/** A step in the course of the day, min from its beginning. */
final readonly class MoveStepView
{
    /**
     * @param  list<string>  $hands
     * @param  string  $state  done, running or open
     * @param  string  $becomes  what is owed when it is left
     */
    public function __construct(
        public string $id,
        public string $label,
        public float $fromMin,
        public float $untilMin,
        public array $hands,
        public string $state,
        public bool $mayDrop,
        public string $becomes,
        public bool $isRest,
    ) {
    }
}
