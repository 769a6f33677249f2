<?php

declare(strict_types=1);

namespace Velbrin\Core\Control\Plant;

use Velbrin\Core\Chemistry\Carbonate;
use Velbrin\Core\Seawater\Seawater;

/** One step of what lives, grows, is dosed and goes between water and air. */
final class Living
{
    /** With each meq calcified, mmol and mg. */
    private const DIC_PER_MEQ = 0.5;

    private const CA_MG_PER_MEQ = 20.04;

    /** Nitrate that takes one meq, mg. */
    private const NITRATE_MG_PER_MEQ = 62.0;

    /** Grown by day against grown by night. */
    private const BY_DAY = 2.0;

    private const O2_G_MOL = 32.0;

    /** Carbon dioxide goes through a surface so much slower than oxygen. */
    private const CO2_SHARE = 0.9;

    /** What a drain and a skimmer exchange of their flow. */
    private const DRAIN_SHARE = 0.2;

    private const SKIMMER_SHARE = 0.3;

    /** Newton squares what is left, so a move as small as this was the last, pH. */
    private const LAST_MOVE = 1e-5;

    private const MOST_PASSES = 4;

    /** @var array<int, array{K0: float, K1: float, K2: float, KB: float, KW: float, BT: float}> by temperature and salinity */
    private array $constants = [];

    /** @var array<int, float> oxygen that water holds, mg/L, by temperature and salinity */
    private array $saturationMgL = [];

    /** @var list<0|1> the waters there are */
    private readonly array $bodies;

    public function __construct(private readonly PlantSpec $plant)
    {
        $this->bodies = $plant->sump === null ? [0] : [0, 1];
    }

    /** @param  float  $minute  of the day on the wall */
    public function changes(State $s, Deeds $deeds, float $minute, float $seconds): Changes
    {
        $changes = new Changes();
        $this->dose($s, $deeds, $changes, $seconds);
        $life = $this->plant->life;
        if ($life === null || $this->plant->start->alkMeqL === null) {
            return $changes;
        }
        $hours = $seconds / 3600;
        $isLit = $deeds->light > 0 || $life->isLitAt($minute);
        $this->grow($s, $life, $changes, $isLit, $hours);
        $this->breathe($s, $life, $deeds, $changes, $isLit, $hours);

        return $changes;
    }

    /** pH a probe reads in each water, from what is in it. */
    public function settle(State $s): void
    {
        if ($this->plant->start->alkMeqL === null) {
            return;
        }
        foreach ($this->bodies as $body) {
            $this->balance($s, $body);
        }
    }

    private function dose(State $s, Deeds $deeds, Changes $changes, float $seconds): void
    {
        foreach ($deeds->dosesMlMin as $outlet => $mlMin) {
            $device = $this->plant->devices[$outlet];
            $ml = ($mlMin * $seconds) / 60;
            if (isset($s->vesselMl[$outlet])) {
                $ml = min($ml, $s->vesselMl[$outlet]);
                $s->vesselMl[$outlet] -= $ml;
            }
            $body = $device->body === Body::Sump && $this->plant->sump !== null ? 1 : 0;
            $meq = $ml * $device->alkMeqPerMl;
            $changes->alk[$body] += $meq;
            $changes->dic[$body] += $meq * $device->dicPerMeq;
            $changes->ca[$body] += $ml * $device->caMgPerMl;
            $s->alkInMeq += $meq;
            $s->dicInMmol += $meq * $device->dicPerMeq;
        }
    }

    /** Twice as much by day as by night, as much over a day as is known; nothing where nothing is left. */
    private function grow(State $s, Life $life, Changes $changes, bool $isLit, float $hours): void
    {
        $perDarkHour = $life->alkMeqLDay / ($life->litHours * (self::BY_DAY - 1) + 24);
        $meq = $perDarkHour * ($isLit ? self::BY_DAY : 1.0) * $hours * array_sum($s->litres());
        $nitrated = ($life->nitrateMgDay * $hours) / 24 / self::NITRATE_MG_PER_MEQ;
        $meq = max(0.0, min($meq, 0.5 * $s->alkMeq[0] - $nitrated, $s->dicMmol[0]));
        $changes->alk[0] -= $meq + $nitrated;
        $changes->dic[0] -= self::DIC_PER_MEQ * $meq;
        $changes->ca[0] -= self::CA_MG_PER_MEQ * $meq;
        $s->alkOutMeq += $meq + $nitrated;
        $s->dicOutMmol += self::DIC_PER_MEQ * $meq;
    }

    private function breathe(State $s, Life $life, Deeds $deeds, Changes $changes, bool $isLit, float $hours): void
    {
        $made = $isLit && $life->litHours > 0 ? ($life->communityMgH * 24) / $life->litHours : 0.0;
        foreach ($this->bodies as $body) {
            $airsL = $hours * ($body === 0
                ? 1000 * ($deeds->isMoved || $s->returnLh > 0 ? $life->movedMH : $life->stillMH) * $this->plant->display->areaM2
                : self::DRAIN_SHARE * $s->drainLh + self::SKIMMER_SHARE * $deeds->skimmerLh);
            $fish = $body === 0 ? $life->fishMgH * 2 ** (($s->tempC[0] - 25) / 10) : 0.0;
            $net = $hours * ($body === 0 ? $made - $life->communityMgH - $fish : 0.0);
            $changes->oxygenAirsL[$body] = $airsL;
            $changes->oxygen[$body] += $airsL * $this->saturationMgL($s, $body) + max(-$s->oxygenMg[$body], $net);
            $this->breatheCarbon($s, $life, $changes, $body, self::CO2_SHARE * $airsL, -$net / self::O2_G_MOL);
        }
    }

    /**
     * Carbon dioxide goes to where there is less of it; what is breathed out comes to it.
     *
     * @param  0|1  $body
     */
    private function breatheCarbon(State $s, Life $life, Changes $changes, int $body, float $airsL, float $breathedMmol): void
    {
        $k = $this->k($s, $body);
        $inAir = $k['K0'] * $life->co2Ppm * 1e-3 * Seawater::NEAR_DENSITY_KG_L;
        $changes->dicAirsL[$body] = $s->dicMmol[$body] > 0 ? $airsL * self::freeShare($k, $s->ph[$body]) : 0.0;
        $given = $airsL * $inAir + $breathedMmol;
        $changes->dic[$body] += $given;
        $s->dicInMmol += $given;
    }

    /**
     * Of all its carbon, what is free carbon dioxide at the pH it has.
     *
     * @param  array{K0: float, K1: float, K2: float, KB: float, KW: float, BT: float}  $k
     */
    private static function freeShare(array $k, float $ph): float
    {
        $h = 10 ** (Carbonate::PROBE_ABOVE_TOTAL - $ph);

        return ($h * $h) / ($h * $h + $k['K1'] * ($h + $k['K2']));
    }

    /**
     * Sets the pH of a water by what is in it: Newton from that of the step before, until it is closer than any probe reads.
     *
     * @param  0|1  $body
     */
    private function balance(State $s, int $body): void
    {
        ['K1' => $k1, 'K2' => $k2, 'KB' => $kb, 'KW' => $kw, 'BT' => $bt] = $this->k($s, $body);
        $perKg = 1 / (1000 * Seawater::NEAR_DENSITY_KG_L);
        $alk = $s->per($s->alkMeq, $body) * $perKg;
        $dic = $s->per($s->dicMmol, $body) * $perKg;
        $ph = $s->ph[$body] - Carbonate::PROBE_ABOVE_TOTAL;
        for ($pass = 0; $pass < self::MOST_PASSES; $pass++) {
            $h = 10 ** -$ph;
            $all = $h * $h + $k1 * $h + $k1 * $k2;
            $borate = ($bt * $kb) / ($kb + $h);
            $carbonate = ($dic * $k1 * ($h + 2 * $k2)) / $all;
            $slope = -M_LN10 * $h * (
                ($dic * $k1 * ($all - ($h + 2 * $k2) * (2 * $h + $k1))) / ($all * $all)
                - $borate / ($kb + $h)
                - $kw / ($h * $h)
                - 1
            );
            $move = max(-0.5, min(0.5, ($carbonate + $borate + $kw / $h - $h - $alk) / $slope));
            $ph -= $move;
            if (abs($move) < self::LAST_MOVE) {
                break;
            }
        }
        $s->ph[$body] = max(3.0, min(11.0, $ph)) + Carbonate::PROBE_ABOVE_TOTAL;
    }

    /**
     * Renewed for each tenth of a degree and of salinity.
     *
     * @return array{K0: float, K1: float, K2: float, KB: float, KW: float, BT: float}
     */
    private function k(State $s, int $body): array
    {
        $tenthsC = (int) (10 * $s->tempC[$body] + 0.5);
        $tenths = (int) (10 * $s->salinity($body) + 0.5);

        return $this->constants[10_000 * $tenthsC + $tenths] ??= Carbonate::constants(
            min(43.0, max(19.0, $tenths / 10)),
            min(35.0, max(2.0, $tenthsC / 10)),
        );
    }

    /** Renewed for each hundredth of a degree and of salinity. */
    private function saturationMgL(State $s, int $body): float
    {
        $hundredthsC = (int) (100 * $s->tempC[$body] + 0.5);
        $hundredths = (int) (100 * $s->salinity($body) + 0.5);

        return $this->saturationMgL[100_000 * $hundredthsC + $hundredths] ??=
            Seawater::at(min(42.0, $hundredths / 100), min(40.0, max(0.0, $hundredthsC / 100)))->oxygenSatMgL();
    }
}
