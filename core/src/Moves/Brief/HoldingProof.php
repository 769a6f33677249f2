<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

use Velbrin\Core\Chemistry\FreeAmmonia;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Moves\BoxTemperature;
use Velbrin\Core\Moves\Phrase;

/**
 * What was read in a holding before anybody relies on it (M-1): its water against the water the animals come from, its ammonia, and how
 * long its heater has held it. What was not read is not proved.
 */
final readonly class HoldingProof
{
    /** From the water they come from, K and g/kg: a quarter of an hour’s acclimation each (L-20). */
    private const APART = 1.0;

    /** Its heater has shown what it can, h. */
    private const WARM_H = 12.0;

    /** @throws OutOfRange for a reading no water has */
    public function __construct(
        public ?float $tempC = null,
        public ?float $salinity = null,
        public ?float $ph = null,
        /** Total ammonia, mg/L as N. */
        public ?float $ammoniaMgL = null,
        /** It has been kept warm for so long. */
        public ?float $warmH = null,
    ) {
        $tempC === null || Guard::within('holding.tempC', $tempC, 0, 45);
        $salinity === null || Guard::within('holding.salinity', $salinity, 0, 50);
        $ph === null || Guard::within('holding.ph', $ph, 4, 12);
    }

    public function isSaid(): bool
    {
        return array_filter([$this->tempC, $this->salinity, $this->ph, $this->ammoniaMgL, $this->warmH], is_float(...)) !== [];
    }

    /**
     * @param  array<string, float>  $old  the water the animals come from, by parameter
     * @return list<Phrase> what it still lacks
     *
     * @throws OutOfRange for a pH no water has
     */
    public function lacks(array $old): array
    {
        return array_values(array_filter([
            $this->warmth($old['temperature'] ?? null),
            $this->salt($old['salinity'] ?? null),
            $this->ammonia($old['ph'] ?? null),
            $this->warmH !== null && $this->warmH >= self::WARM_H ? null : Phrase::TwelveHoursOfHeat,
        ]));
    }

    private function warmth(?float $oldC): ?Phrase
    {
        if ($this->tempC === null) {
            return Phrase::ItsTemperatureRead;
        }
        [$low, $high] = $oldC === null
            ? [BoxTemperature::LOWER_C, BoxTemperature::UPPER_C]
            : [$oldC - self::APART, $oldC + self::APART];

        return $this->tempC < $low || $this->tempC > $high ? Phrase::TheTemperatureTheyComeFrom : null;
    }

    private function salt(?float $oldSalinity): ?Phrase
    {
        return match (true) {
            $this->salinity === null => Phrase::ItsSalinityRead,
            $oldSalinity !== null && abs($this->salinity - $oldSalinity) > self::APART => Phrase::TheSalinityTheyComeFrom,
            default => null,
        };
    }

    /** At the higher pH of both waters: what they bring along may raise it (M-24). */
    private function ammonia(?float $oldPh): ?Phrase
    {
        if ($this->ammoniaMgL === null || $this->ph === null || $this->tempC === null || $this->salinity === null) {
            return Phrase::ItsAmmoniaAndPhRead;
        }
        $free = FreeAmmonia::mgL($this->ammoniaMgL, max($this->ph, $oldPh ?? $this->ph), $this->tempC, $this->salinity);

        return $free >= FreeAmmonia::ACT_MG_L ? Phrase::WaterFreeOfAmmonia : null;
    }
}
