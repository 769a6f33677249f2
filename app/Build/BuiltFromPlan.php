<?php

declare(strict_types=1);

namespace App\Build;

use App\Systems\System;
use Illuminate\Foundation\Events\Dispatchable;

/** A system was opened from an accepted plan; what its plan says of plugs becomes records of the place. */
final readonly class BuiltFromPlan
{
    use Dispatchable;

    /**
     * @param  list<array{item: int, device: string, circuit: int, strip: int|null}>  $plugs  by the numbers of the plan
     * @param  list<string>  $controllers  mounted on its board
     */
    public function __construct(
        public System $system,
        public array $plugs,
        /** What each circuit is rated, A; null: the plan does not say. */
        public ?float $circuitA,
        public array $controllers,
    ) {
    }
}
