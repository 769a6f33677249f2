<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;

/**
 * Refilling with the return pump on (W-36). While the display stands under its weir the return chamber gives the pump's flow
 * and gets the refill; over the weir the sump rises at the refill's rate.
 */
final readonly class Refill
{
    private function __construct(
        /** The return chamber does not run dry at this rate. */
        public bool $holds,
        /** Refill rate the chamber needs at this pump flow, L/h. */
        public float $needsLh,
        /**
         * The same where the sump’s part of the change was taken first: nothing is left in the chamber, and it needs the pump’s
         * whole flow.
         */
        public float $needsSumpFirstLh,
        /** Pump flow to set so that this refill is enough, L/h; null: any. */
        public ?float $pumpLh,
        /** Minutes until the display is over its weir. */
        public float $minutesToWeir,
        /** Minutes after that until the valve must be shut; the sump would be too full for a power cut. */
        public float $shutAfterMin,
        /** Poured into the display instead: the chamber holds. */
        public bool $holdsFromDisplay,
    ) {
    }

    /**
     * @param  float  $pumpLh  return flow
     * @param  float  $refillLh  into the return chamber
     * @param  float  $chamberL  usable water in the return chamber
     * @param  float  $missingL  missing from the display below its running level
     *
     * @throws OutOfRange
     */
    public static function of(
        float $pumpLh,
        float $refillLh,
        float $chamberL,
        float $missingL,
        float $spareL,
        float $downL,
    ): self {
        Guard::positive('pumpLh', $pumpLh);
        Guard::positive('refillLh', $refillLh);
        Guard::notNegative('chamberL', $chamberL);
        Guard::notNegative('missingL', $missingL);
        $share = $missingL > 0 ? max(0.0, 1 - $chamberL / $missingL) : 0.0;
        $needs = $pumpLh * $share;
        $room = max(
            0.0,
            SumpChange::USABLE_SPARE * Guard::notNegative('spareL', $spareL) - Guard::notNegative('downL', $downL),
        );

        return new self(
            $refillLh >= $needs,
            $needs,
            $missingL > 0 ? $pumpLh : 0.0,
            $share > 0 ? $refillLh / $share : null,
            (60 * $missingL) / $pumpLh,
            (60 * $room) / $refillLh,
            ($pumpLh * $missingL) / ($pumpLh + $refillLh) <= $chamberL,
        );
    }
}
