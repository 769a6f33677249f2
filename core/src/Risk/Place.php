<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk;

/** Who would look without an alarm, and when the door opens. Hours from the fault. */
final readonly class Place
{
    /**
     * @param  list<float>  $looks  moments at which a person is recorded to look: household hours, the next visit
     * @param  list<array{0: float, 1: float}>  $open  from, to
     */
    public function __construct(
        /** The site's clock at the fault, 0–24. */
        public float $hourOfDay,
        public array $looks,
        public array $open,
        /** Whoever is on call when nobody's alarm has called a person. */
        public ?Called $onCall = null,
    ) {
    }

    /** The first moment at or after that one at which the door is open. */
    public function nextOpen(float $hours): ?float
    {
        $next = null;
        foreach ($this->open as [$from, $to]) {
            if ($to >= $hours) {
                $at = max($from, $hours);
                $next = $next === null ? $at : min($next, $at);
            }
        }

        return $next;
    }
}
