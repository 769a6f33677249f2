<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Work;

/** How far a step is. */
final readonly class StepState
{
    /**
     * @param  float|null  $doneS  when it was done; null: not yet
     * @param  list<Todo>  $missing  what has to be done before
     * @param  float|null  $fromS  what came before needs its hours: not before; null: it needs none, or does not count yet
     * @param  float  $counted  of a count
     * @param  bool  $isRefused  it was looked at, and may not be: the work does not go on as planned
     */
    public function __construct(
        public Step $step,
        public ?float $doneS,
        public array $missing,
        public ?float $fromS,
        public float $counted = 0.0,
        public bool $isRefused = false,
    ) {
    }

    /** It may be done at that moment. */
    public function isOpen(float $nowS): bool
    {
        return $this->doneS === null && $this->missing === [] && ($this->fromS === null || $nowS >= $this->fromS - 1e-6);
    }
}
