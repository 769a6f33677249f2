<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Lending;

use Velbrin\Core\Control\Job;

/** A device as it can stand in for another: what it does, how much of it, how it is joined (R-40). */
final readonly class Part
{
    public function __construct(
        public Job $job,
        /** Of what it gives: W of a heater, L/h of a pump; null: nobody has said. */
        public ?float $capacity,
        public ?string $connection = null,
        public ?float $volts = null,
        public ?string $control = null,
        /** It came out of quarantine: it never goes elsewhere. */
        public bool $fromQuarantine = false,
    ) {
    }

    /**
     * Why it cannot stand in; none: it fits. What nobody has said is asked, not passed.
     *
     * @return list<string> codes
     */
    public function againstStandingIn(self $for, ?float $neededCapacity): array
    {
        return array_keys(array_filter([
            'quarantine' => $this->fromQuarantine,
            'job' => $this->job !== $for->job,
            'capacity-unsaid' => $this->capacity === null && $neededCapacity !== null,
            'capacity' => $this->capacity !== null && $neededCapacity !== null && $this->capacity < $neededCapacity,
            'volts' => $this->volts !== null && $for->volts !== null && $this->volts !== $for->volts,
            'connection' => $this->connection !== null && $for->connection !== null && $this->connection !== $for->connection,
            'control' => $this->control !== null && $for->control !== null && $this->control !== $for->control,
        ]));
    }

    public static function words(string $code): string
    {
        return match ($code) {
            'quarantine' => 'it comes from quarantine and never goes elsewhere',
            'job' => 'it does another job',
            'capacity-unsaid' => 'nobody has said how much it gives',
            'capacity' => 'it gives too little for the worst night there',
            'volts' => 'it is for another voltage',
            'connection' => 'its connection does not fit',
            default => 'it is controlled in another way',
        };
    }
}
