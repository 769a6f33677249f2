<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Single;

use Velbrin\Core\Risk\Harm;

/** What goes when one thing goes: functions, what harms how soon, what follows from what, litres on the floor. */
final readonly class Loss
{
    /**
     * @param  list<string>  $devices  names of what no longer works
     * @param  list<CriticalFunction>  $functions  that no longer hold on their own worst day
     * @param  list<Event>  $events  in the order they come
     * @param  list<string>  $needs  what nobody has said without which this stays open
     */
    public function __construct(
        /** "strip:3", "device:12", "age:heater". */
        public string $id,
        public string $name,
        public Mode $mode,
        public array $devices,
        public array $functions,
        /** The soonest; null: it does no harm on the worst day. */
        public ?Harm $harm,
        public array $events,
        public float $floorL,
        public array $needs,
    ) {
    }

    public function harms(): bool
    {
        return $this->harm?->hours !== null;
    }
}
