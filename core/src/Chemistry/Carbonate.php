<?php

declare(strict_types=1);

namespace Velbrin\Core\Chemistry;

use Velbrin\Core\Measure\Guard;
use Velbrin\Core\Measure\OutOfRange;
use Velbrin\Core\Measure\Solve;
use Velbrin\Core\Seawater\Seawater;

/**
 * pH from alkalinity and carbon dioxide, and back (C-20), total scale: Lueker et al. 2000 K₁ and K₂, Dickson 1990 K_B,
 * Millero 1995 K_W in its total-scale form (Dickson et al. 2007), Weiss 1974 K₀, Uppström 1974 boron 0.000416·S/35 mol/kg.
 * Valid S 19–43, 2–35 °C. Probes read the NBS scale, about 0.14 higher.
 */
final readonly class Carbonate
{
    /** What a probe (NBS) reads above the total scale. */
    public const PROBE_ABOVE_TOTAL = 0.14;

    private const BORON_35 = 0.000416;

    private function __construct(public float $phTotal, public float $co2Ppm, public float $dicMmolKg)
    {
    }

    /** @throws OutOfRange */
    public static function fromCo2(float $alkMeqL, float $salinity, float $tempC, float $co2Ppm): self
    {
        $k = self::constants($salinity, $tempC);
        $alk = self::alkPerKg($alkMeqL);
        $dissolved = $k['K0'] * Guard::positive('co2Ppm', $co2Ppm) * 1e-6;
        $ph = self::solve(
            $alk,
            fn (float $h): float => ($dissolved * $k['K1']) / $h + (2 * $dissolved * $k['K1'] * $k['K2']) / $h ** 2,
            $k,
            'co2Ppm',
        );
        $h = 10 ** -$ph;

        return new self($ph, $co2Ppm, 1000 * $dissolved * (1 + $k['K1'] / $h + ($k['K1'] * $k['K2']) / $h ** 2));
    }

    /** @throws OutOfRange */
    public static function fromDic(float $alkMeqL, float $salinity, float $tempC, float $dicMmolKg): self
    {
        $k = self::constants($salinity, $tempC);
        $alk = self::alkPerKg($alkMeqL);
        $dic = Guard::positive('dicMmolKg', $dicMmolKg) / 1000;
        $ph = self::solve(
            $alk,
            fn (float $h): float => $dic * self::alkPerDic($h, $k),
            $k,
            'dicMmolKg',
        );
        $h = 10 ** -$ph;

        return new self(
            $ph,
            (((1e6 * $dic) / $k['K0']) * $h ** 2) / ($h ** 2 + $k['K1'] * $h + $k['K1'] * $k['K2']),
            $dicMmolKg,
        );
    }

    /**
     * DIC of water whose pH a probe has read.
     *
     * @param  float  $phProbe  NBS, 6.5–9.5
     *
     * @throws OutOfRange when that pH cannot be at that alkalinity
     */
    public static function fromProbe(float $alkMeqL, float $salinity, float $tempC, float $phProbe): self
    {
        $k = self::constants($salinity, $tempC);
        $h = 10 ** -(Guard::within('ph', $phProbe, 6.5, 9.5) - self::PROBE_ABOVE_TOTAL);
        $carbonate = self::alkPerKg($alkMeqL) - self::rest($h, $k);
        if ($carbonate <= 0) {
            throw OutOfRange::number('ph', $phProbe, Phrase::APHThisAlkalinityCanHave);
        }
        $dissolved = $carbonate / ($k['K1'] / $h + (2 * $k['K1'] * $k['K2']) / $h ** 2);

        return new self(
            $phProbe - self::PROBE_ABOVE_TOTAL,
            (1e6 * $dissolved) / $k['K0'],
            1000 * $dissolved * (1 + $k['K1'] / $h + ($k['K1'] * $k['K2']) / $h ** 2),
        );
    }

    /**
     * What is to be added until a probe reads so much, while the air gives nothing back.
     *
     * @param  float  $phNow  as a probe reads it, 6.5–9.5
     * @param  float  $phThen  the same; any
     * @param  float  $dicPerMeq  mmol of dissolved carbon that come with each meq: hydroxide 0, carbonate 0.5, bicarbonate 1
     * @return float meq/L of alkalinity; 0: it reads that already; INF: never, with that much carbon
     *
     * @throws OutOfRange
     */
    public static function riseToProbe(
        float $alkMeqL,
        float $salinity,
        float $tempC,
        float $phNow,
        float $phThen,
        float $dicPerMeq,
    ): float {
        $k = self::constants($salinity, $tempC);
        $hNow = 10 ** -(Guard::within('ph', $phNow, 6.5, 9.5) - self::PROBE_ABOVE_TOTAL);
        $hThen = 10 ** -($phThen - self::PROBE_ABOVE_TOTAL);
        $alk = self::alkPerKg($alkMeqL);
        $dic = max(0.0, $alk - self::rest($hNow, $k)) / self::alkPerDic($hNow, $k);
        $then = self::alkPerDic($hThen, $k);
        $each = 1 - $dicPerMeq * $then;
        $lacks = $dic * $then + self::rest($hThen, $k) - $alk;

        return match (true) {
            $lacks <= 0 => 0.0,
            $each <= 0 => INF,
            default => ($lacks / $each) * 1000 * Seawater::NEAR_DENSITY_KG_L,
        };
    }

    public function phProbe(): float
    {
        return $this->phTotal + self::PROBE_ABOVE_TOTAL;
    }

    private static function alkPerKg(float $alkMeqL): float
    {
        return Guard::positive('alkMeqL', $alkMeqL) / Seawater::NEAR_DENSITY_KG_L / 1000;
    }

    /**
     * @param  callable(float): float  $carbonate  carbonate alkalinity at that [H⁺], mol/kg
     * @param  array<string, float>  $k
     *
     * @throws OutOfRange
     */
    private static function solve(float $alk, callable $carbonate, array $k, string $field): float
    {
        $off = fn (float $ph): float => $carbonate(10 ** -$ph) + self::rest(10 ** -$ph, $k) - $alk;
        if ($off(3) > 0 || $off(12) < 0) {
            throw OutOfRange::field(
                $field,
                Phrase::AndThisAlkalinityGiveNoPH,
                Phrase::APairThatSeaWaterCan,
            );
        }

        return Solve::rising($off, 3, 12);
    }

    /**
     * Of carbonate and bicarbonate, mol of alkalinity for each mol of dissolved carbon at that [H⁺].
     *
     * @param  array<string, float>  $k
     */
    private static function alkPerDic(float $h, array $k): float
    {
        return ($k['K1'] * $h + 2 * $k['K1'] * $k['K2']) / ($h ** 2 + $k['K1'] * $h + $k['K1'] * $k['K2']);
    }

    /**
     * Alkalinity of borate, hydroxide and acid at that [H⁺], mol/kg.
     *
     * @param  array<string, float>  $k
     */
    private static function rest(float $h, array $k): float
    {
        return ($k['BT'] * $k['KB']) / ($k['KB'] + $h) + $k['KW'] / $h - $h;
    }

    /**
     * Of the equilibria, total scale, mol/kg; K0 mol/(kg·atm).
     *
     * @return array{K0: float, K1: float, K2: float, KB: float, KW: float, BT: float}
     *
     * @throws OutOfRange
     */
    public static function constants(float $salinity, float $tempC): array
    {
        $s = Guard::within('salinity', $salinity, 19, 43);
        $t = Guard::within('tempC', $tempC, 2, 35) + 273.15;
        $ln = log($t);
        $root = sqrt($s);

        return [
            'K0' => exp(
                -60.2409 +
                    (93.4517 * 100) / $t +
                    23.3585 * log($t / 100) +
                    $s * (0.023517 - (0.023656 * $t) / 100 + 0.0047036 * ($t / 100) ** 2),
            ),
            'K1' => 10 ** -(3633.86 / $t - 61.2172 + 9.6777 * $ln - 0.011555 * $s + 0.0001152 * $s ** 2),
            'K2' => 10 ** -(471.78 / $t + 25.929 - 3.16967 * $ln - 0.01781 * $s + 0.0001122 * $s ** 2),
            'KB' => exp(
                (-8966.9 - 2890.53 * $root - 77.942 * $s + 1.728 * $s ** 1.5 - 0.0996 * $s ** 2) / $t +
                    148.0248 +
                    137.1942 * $root +
                    1.62142 * $s -
                    (24.4344 + 25.085 * $root + 0.2474 * $s) * $ln +
                    0.053105 * $root * $t,
            ),
            'KW' => exp(
                148.9652 - 13847.26 / $t - 23.6521 * $ln + (118.67 / $t - 5.977 + 1.0495 * $ln) * $root - 0.01615 * $s,
            ),
            'BT' => (self::BORON_35 * $s) / 35,
        ];
    }
}
