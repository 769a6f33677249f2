<?php

declare(strict_types=1);

namespace App\Moves\Views;

/** What may be left for another day, what is owed then, and when the rest is done. */
final readonly class MoveDropView
{
    /**
     * @param  list<string>  $steps
     * @param  list<string>  $labels
     * @param  list<string>  $becomes
     * @param  bool  $holds  every end holds then
     */
    public function __construct(
        public array $steps,
        public array $labels,
        public array $becomes,
        public int $finishMin,
        public bool $holds,
    ) {
    }
}
