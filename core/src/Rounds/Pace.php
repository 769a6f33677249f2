<?php

declare(strict_types=1);

namespace Velbrin\Core\Rounds;

use Closure;

/** How far the work is, told to whoever waits; it never goes back. */
final class Pace
{
    private float $done = 0.0;

    /** @param  (Closure(float): void)|null  $told  with the share that is done, 0 to 1 */
    public function __construct(private readonly ?Closure $told)
    {
    }

    public function tell(float $share): void
    {
        $this->done = max($this->done, $share);
        if ($this->told !== null) {
            ($this->told)($this->done);
        }
    }
}
