<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Standing;

use Velbrin\Core\Control\Job;
use Velbrin\Core\Risk\Layer\Hangs;

/** A device as it stands in the register, for what can fail and what it hangs on (R-49). */
final readonly class Device
{
    public function __construct(
        public string $id,
        public string $name,
        public Job $job,
        public ?float $watts = null,
        /** Null: nobody knows. */
        public ?float $ageYears = null,
        /** Years since somebody proved that it works; null: never. */
        public ?float $provenYears = null,
        public ?Hangs $hangs = null,
        /** Heaters of one group switch together (R-50). */
        public ?string $group = null,
        public bool $inSump = false,
        /** The outlet of a controller's set-up it hangs on. */
        public ?string $outlet = null,
        /** It has a thermostat of its own; null: nobody has said. */
        public ?bool $ownThermostat = null,
        /** Why it does nothing now: away, switched off. */
        public ?string $outOf = null,
    ) {
    }

    public function hangs(): Hangs
    {
        return $this->hangs ?? Hangs::onNothing();
    }

    public function stands(): bool
    {
        return $this->outOf === null;
    }

    /** A new one in its place, tried when it was put in. */
    public function renewed(): self
    {
        return new self(
            id: $this->id,
            name: $this->name,
            job: $this->job,
            watts: $this->watts,
            ageYears: 0.0,
            provenYears: 0.0,
            hangs: $this->hangs,
            group: $this->group,
            inSump: $this->inSump,
            outlet: $this->outlet,
            ownThermostat: $this->ownThermostat,
            outOf: $this->outOf,
        );
    }

    /** On a plain plug, by its own thermostat; a group of a controller's outlet is none any more. */
    public function onItsOwn(): self
    {
        return new self(
            id: $this->id,
            name: $this->name,
            job: $this->job,
            watts: $this->watts,
            ageYears: $this->ageYears,
            provenYears: $this->provenYears,
            hangs: Hangs::onNothing(),
            group: $this->outlet !== null && $this->group === $this->outlet ? null : $this->group,
            inSump: $this->inSump,
            outlet: null,
            ownThermostat: $this->ownThermostat,
            outOf: $this->outOf,
        );
    }
}
