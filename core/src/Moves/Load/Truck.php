<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Load;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/** The load space of a vehicle, mm from its bulkhead, and what its axles carry. */
final readonly class Truck
{
    /**
     * @param  float|null  $wheelbaseMm  null: nobody has measured it, and axles are not judged
     * @param  float  $bulkheadMm  of the load space behind the front axle
     * @param  float  $emptyFrontKg  with the crew in it
     */
    private function __construct(
        public float $lengthMm,
        public float $widthMm,
        public float $heightMm,
        public float $payloadKg,
        public float $crewKg,
        public ?float $wheelbaseMm,
        public float $bulkheadMm,
        public float $emptyFrontKg,
        public float $emptyRearKg,
        public ?float $frontMostKg,
        public ?float $rearMostKg,
    ) {
    }

    /** @throws OutOfRange */
    public static function of(
        float $lengthMm,
        float $widthMm,
        float $heightMm,
        float $payloadKg,
        float $crewKg = 0.0,
        ?float $wheelbaseMm = null,
        float $bulkheadMm = 0.0,
        float $emptyFrontKg = 0.0,
        float $emptyRearKg = 0.0,
        ?float $frontMostKg = null,
        ?float $rearMostKg = null,
    ): self {
        foreach (['lengthMm' => $lengthMm, 'widthMm' => $widthMm, 'heightMm' => $heightMm, 'payloadKg' => $payloadKg] as $field => $value) {
            Guard::positive($field, $value);
        }
        Guard::notNegative('crewKg', $crewKg);
        if ($wheelbaseMm !== null) {
            Guard::positive('wheelbaseMm', $wheelbaseMm);
        }

        return new self(
            lengthMm: $lengthMm,
            widthMm: $widthMm,
            heightMm: $heightMm,
            payloadKg: $payloadKg,
            crewKg: $crewKg,
            wheelbaseMm: $wheelbaseMm,
            bulkheadMm: $bulkheadMm,
            emptyFrontKg: $emptyFrontKg,
            emptyRearKg: $emptyRearKg,
            frontMostKg: $frontMostKg,
            rearMostKg: $rearMostKg,
        );
    }
}
