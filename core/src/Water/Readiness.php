<?php

declare(strict_types=1);

namespace Velbrin\Core\Water;

use Velbrin\Core\Heat\TemperatureCourse;
use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\Kind;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Quantity;
use Velbrin\Core\Measure\Sentence;

/**
 * Whether a batch is ready (W-61, W-66): mixed long enough, in date, and measured within the tolerance of what it is meant for. Else what
 * is missing, and the hours until it can be ready.
 */
final readonly class Readiness
{
    /** g/kg about what it was mixed for. */
    public const SALINITY = 1.0;

    /** °C about what it is used at. */
    public const TEMP_C = 1.0;

    private const SAME = 1e-9;

    /** @param  array<string, Sentence>  $missing  by code: old, mixing, measure, salt, water, cold, warm */
    private function __construct(
        public array $missing,
        /** Hours from now; null when it never can be. */ public ?float $readyInH,
    ) {
    }

    /**
     * @param  float  $fromH  usable from, hours from now
     * @param  float  $untilH  usable until, hours from now
     * @param  float|null  $measuredSalinity  g/kg; null: nobody measured
     * @param  float|null  $measuredC  °C; null: nobody measured
     * @param  float  $heatW  of the station, for the hours it takes to warm; 0: none
     *
     * @throws OutOfRange
     */
    public static function of(
        float $litres,
        float $salinity,
        float $targetC,
        float $fromH,
        float $untilH,
        ?float $measuredSalinity,
        ?float $measuredC,
        float $heatW = 0.0,
        float $efficiency = 0.9,
    ): self {
        Guard::positive('salinity', $salinity);
        Guard::notNegative('litres', $litres);
        Guard::notNegative('heatW', $heatW);
        if ($untilH <= 0) {
            return new self(['old' => Sentence::of(Phrase::TooOldForRinsingOnly)], null);
        }
        $missing = [];
        $inH = max(0.0, $fromH);
        if ($fromH > 0) {
            $missing['mixing'] = Sentence::of(Phrase::MixesForMore, ['hours' => Quantity::of($fromH, Kind::Hours)]);
        }
        if ($measuredSalinity === null || $measuredC === null) {
            $missing['measure'] = Sentence::of(Phrase::ToBeMeasured);
        }
        if ($measuredSalinity !== null && abs($measuredSalinity - $salinity) > self::SALINITY + self::SAME) {
            $missing += self::salt($litres, $salinity, $measuredSalinity);
        }
        if ($measuredC !== null && abs($measuredC - $targetC) > self::TEMP_C + self::SAME) {
            [$code, $words, $hours] = self::warmth($litres, $targetC, $measuredC, $heatW, $efficiency);
            $missing[$code] = $words;
            $inH = max($inH, $hours);
        }

        return new self($missing, $inH < $untilH ? $inH : null);
    }

    public function isReady(): bool
    {
        return $this->missing === [];
    }

    /** @return array<string, Sentence> */
    private static function salt(float $litres, float $salinity, float $measured): array
    {
        $parts = [
            'is' => Quantity::of($measured, Kind::Salinity),
            'meant' => Quantity::of($salinity, Kind::Salinity),
            'water' => Quantity::of($litres * max(0.0, $measured / $salinity - 1), Kind::Volume),
            'salt' => Quantity::of(($litres * max(0.0, $salinity - $measured) * 1.1) / 1000, Kind::Mass)->finer(1),
        ];

        return $measured > $salinity
            ? ['water' => Sentence::of(Phrase::InsteadOfAboutOfROWater, $parts)]
            : ['salt' => Sentence::of(Phrase::InsteadOfAboutOfSaltMore, $parts)];
    }

    /** @return array{0: string, 1: Sentence, 2: float} code, words, hours */
    private static function warmth(
        float $litres,
        float $targetC,
        float $measuredC,
        float $heatW,
        float $efficiency,
    ): array {
        $parts = [
            'is' => Quantity::of($measuredC, Kind::Temperature),
            'meant' => Quantity::of($targetC, Kind::Temperature),
        ];
        if ($measuredC > $targetC) {
            return ['warm', Sentence::of(Phrase::InsteadOfLetItCool, $parts), 0.0];
        }
        if ($heatW <= 0) {
            return ['cold', Sentence::of(Phrase::InsteadOfWarmIt, $parts), 0.0];
        }
        $hours = (TemperatureCourse::capacityWhK($litres) * ($targetC - $measuredC)) / ($efficiency * $heatW);

        $parts['hours'] = Quantity::of($hours, Kind::Hours);

        return ['cold', Sentence::of(Phrase::InsteadOfToWarm, $parts), $hours];
    }
}
