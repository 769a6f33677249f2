<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Standing;

use Velbrin\Core\Build\FeedLayer;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Programme\Setup;

/** All that is known of a system beside its water: devices, set-ups, what fills it, what it is worth, who comes how often. */
final readonly class Standing
{
    /**
     * @param  list<Device>  $devices  also those that are away or off
     * @param  array<string, Setup>  $setUps  as running, by the controller that drives it
     * @param  list<FeedLayer>  $feedLayers  what stops or catches the top-off's water
     */
    public function __construct(
        public array $devices,
        public array $setUps = [],
        public array $feedLayers = [],
        public float $systemYears = 0.0,
        /** Of the tank's seams; null: as old as the system. */
        public ?float $seamYears = null,
        public float $visitsYear = 26.0,
        /** What is lost with the animals, with the floor; null: nobody has said (then hours rank). */
        public ?float $animalsWorth = null,
        public ?float $floorWorth = null,
        public bool $hasEmergencyDrain = false,
        public bool $emergencyTested = false,
        /** Its drains stand behind a strainer or a guard. */
        public bool $isDrainGuarded = false,
        /** Whoever comes brings power, air or boxes; null: nobody has said. */
        public ?bool $helpBringsAir = null,
        public bool $makesWater = false,
        /** A generator that starts by itself stands ready, tested. */
        public bool $hasGenerator = false,
    ) {
    }

    /** @return list<Device> that stand in it now and do that */
    public function doing(Job $job): array
    {
        return array_values(
            array_filter($this->devices, fn (Device $d): bool => $d->job === $job && $d->stands()),
        );
    }

    /** @return array<string, non-empty-list<Device>> heaters that switch together */
    public function heaterGroups(): array
    {
        $groups = [];
        foreach ($this->doing(Job::Heater) as $heater) {
            $groups[$heater->group === null ? "alone-{$heater->id}" : "on-{$heater->group}"][] = $heater;
        }

        return $groups;
    }
}
