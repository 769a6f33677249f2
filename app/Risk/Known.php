<?php

declare(strict_types=1);

namespace App\Risk;

use Velbrin\Core\Risk\Standing\Moment;
use Velbrin\Core\Risk\Standing\Standing;
use Velbrin\Core\Risk\Tonight;

/** One system as the core's questions of risk read it. */
final readonly class Known
{
    /**
     * @param  list<Moment>  $moments
     * @param  array<string, string>  $names  what people call a part, "strip:3"
     */
    public function __construct(
        public Standing $standing,
        public array $moments,
        public Tonight $cold,
        public Tonight $hot,
        public array $names,
    ) {
    }

    public function worst(): Moment
    {
        $coldest = $this->moments[0];

        // A year is counted in the usual room; what one thing gone means, in the worst.
        return new Moment($coldest->share, $this->cold, $coldest->place, $coldest->alarms);
    }
}
