<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Standing;

use Velbrin\Core\Build\FeedLayer;
use Velbrin\Core\Control\Job;
use Velbrin\Core\Control\Programme\Setup;
use Velbrin\Core\Risk\Hazard;
use Velbrin\Core\Risk\Layer\Layer;

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
        /** @var list<array{0: list<Hazard>, 1: Layer}> protections a measure would add, each against the hazards it stops */
        public array $added = [],
    ) {
    }

    /**
     * The same with things changed in it: what a measure would make of it.
     *
     * @param  list<Device>|null  $devices
     * @param  list<FeedLayer>|null  $feedLayers
     * @param  list<array{0: list<Hazard>, 1: Layer}>|null  $added
     */
    public function with(
        ?array $devices = null,
        ?array $feedLayers = null,
        ?bool $hasEmergencyDrain = null,
        ?bool $emergencyTested = null,
        ?bool $helpBringsAir = null,
        ?bool $hasGenerator = null,
        ?bool $isDrainGuarded = null,
        ?array $added = null,
    ): self {
        return new self(
            devices: $devices ?? $this->devices,
            setUps: $this->setUps,
            feedLayers: $feedLayers ?? $this->feedLayers,
            systemYears: $this->systemYears,
            seamYears: $this->seamYears,
            visitsYear: $this->visitsYear,
            animalsWorth: $this->animalsWorth,
            floorWorth: $this->floorWorth,
            hasEmergencyDrain: $hasEmergencyDrain ?? $this->hasEmergencyDrain,
            emergencyTested: $emergencyTested ?? $this->emergencyTested,
            isDrainGuarded: $isDrainGuarded ?? $this->isDrainGuarded,
            helpBringsAir: $helpBringsAir ?? $this->helpBringsAir,
            makesWater: $this->makesWater,
            hasGenerator: $hasGenerator ?? $this->hasGenerator,
            added: $added ?? $this->added,
        );
    }

    /** Nothing is switched or watched by a head. */
    public function withoutController(): self
    {
        return new self(
            devices: array_values(
                array_map(
                    fn (Device $d): Device => $d->onItsOwn(),
                    array_filter($this->devices, fn (Device $d): bool => $d->job !== Job::Controller),
                ),
            ),
            feedLayers: $this->feedLayers,
            systemYears: $this->systemYears,
            seamYears: $this->seamYears,
            visitsYear: $this->visitsYear,
            animalsWorth: $this->animalsWorth,
            floorWorth: $this->floorWorth,
            hasEmergencyDrain: $this->hasEmergencyDrain,
            emergencyTested: $this->emergencyTested,
            isDrainGuarded: $this->isDrainGuarded,
            helpBringsAir: $this->helpBringsAir,
            makesWater: $this->makesWater,
            hasGenerator: $this->hasGenerator,
            added: $this->added,
        );
    }

    public function protectedBy(Layer $layer, Hazard ...$against): self
    {
        return $this->with(added: [...$this->added, [array_values($against), $layer]]);
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
