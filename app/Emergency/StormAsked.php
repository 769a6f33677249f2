<?php

declare(strict_types=1);

namespace App\Emergency;

use App\House\Days;
use App\Risk\Night;
use Velbrin\Core\Risk\Hazard;

/** What is asked of a storm: where, for how long, in which weather, and when crews leave. */
final readonly class StormAsked
{
    /**
     * @param  list<string>  $towns  none: everywhere
     * @param  float|null  $outsideC  null: rooms stay as they are that night
     * @param  list<Hazard>  $hazards
     */
    public function __construct(
        public array $towns,
        public float $hours,
        public Night $night,
        public float $leaveH,
        public ?float $outsideC,
        public array $hazards,
    ) {
    }

    public static function ofEvent(AreaEvent $event, float $leaveH): self
    {
        return new self(
            towns: $event->towns,
            hours: $event->hours(),
            night: Night::ofMoment($event->starts_at->setTimezone(Days::zone())),
            leaveH: $leaveH,
            outsideC: $event->outside_c,
            hazards: $event->hazards(),
        );
    }

    public function isDark(): bool
    {
        return $this->hazards === [Hazard::PowerCut];
    }
}
