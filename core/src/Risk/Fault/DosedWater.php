<?php

declare(strict_types=1);

namespace Velbrin\Core\Risk\Fault;

use Velbrin\Core\Chemistry\Carbonate;
use Velbrin\Core\Chemistry\ReadingUnit;
use Velbrin\Core\Control\Liquid;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Risk\Rate\Span;

/**
 * The water a dose comes into: how much more alkalinity it bears (R-21). Four dKH in a day harm; what takes carbon dioxide out of the
 * water (hydroxide, less so carbonate) brings pH to its limit sooner. Air gives none back so fast, so nothing is counted on from there.
 */
final readonly class DosedWater
{
    public const HARM_DKH = 4.0;

    /** As a probe reads it. */
    public const HARM_PH = 8.8;

    private const READS_PH = [6.5, 9.5];

    private const LEAST_DKH = 1.0;

    private const SALTS = [19.0, 43.0];

    private const WARM_C = [2.0, 35.0];

    /**
     * @param  float|null  $alkDkh  as read last; null: nobody has
     * @param  float|null  $ph  as a probe read it last
     * @param  float  $salinity  g/kg; of water fresher or saltier than the constants hold for, the nearest is taken
     */
    public function __construct(
        public ?float $alkDkh = null,
        public ?float $ph = null,
        public float $salinity = 35.0,
        public float $tempC = 25.0,
    ) {
    }

    /** @return array<string, Span> what it depends on; empty where pH does not rise with it */
    public function facts(?Liquid $liquid): array
    {
        $carbon = $liquid?->dicPerMeq();
        if ($carbon !== null && $carbon >= 1) {
            return [];
        }

        return [
            'liquid' => $liquid === null ? Open::dicPerMeq() : Span::sure((float) $carbon),
            'alk' => $this->alkDkh === null ? Open::alkMeqL() : Span::sure(max(self::LEAST_DKH, $this->alkDkh) / ReadingUnit::DKH_PER_MEQ),
            'ph' => $this->ph === null ? Open::ph() : Span::sure(self::between($this->ph, self::READS_PH)),
        ];
    }

    /**
     * @param  array<string, float>  $facts  of {@see facts()}
     *
     * @throws OutOfRange
     */
    public function bearsMeqL(array $facts): float
    {
        return min(self::HARM_DKH / ReadingUnit::DKH_PER_MEQ, $this->toPhMeqL($facts));
    }

    /**
     * pH is at its limit first.
     *
     * @param  array<string, float>  $facts
     *
     * @throws OutOfRange
     */
    public function endsByPh(array $facts): bool
    {
        return $this->toPhMeqL($facts) < self::HARM_DKH / ReadingUnit::DKH_PER_MEQ;
    }

    /**
     * @param  array<string, float>  $facts
     *
     * @throws OutOfRange
     */
    private function toPhMeqL(array $facts): float
    {
        return ! isset($facts['ph'], $facts['alk'], $facts['liquid'])
            ? INF
            : Carbonate::riseToProbe(
                $facts['alk'],
                self::between($this->salinity, self::SALTS),
                self::between($this->tempC, self::WARM_C),
                $facts['ph'],
                self::HARM_PH,
                $facts['liquid'],
            );
    }

    /** @param  array{0: float, 1: float}  $ends */
    private static function between(float $value, array $ends): float
    {
        return min(max($value, $ends[0]), $ends[1]);
    }
}
