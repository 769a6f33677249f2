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

    /** @var array<string, array{K0: float, K1: float, K2: float, KB: float, KW: float, BT: float}> by temperature and salinity */
    private array $constants = [];

    public function __construct(private readonly PlantSpec $plant)
    {
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
        foreach ($this->bodies() as $body) {
            $this->balance($s, $body);
        }
    }

    /** @return list<0|1> */
    private function bodies(): array
    {
        return $this->plant->sump === null ? [0] : [0, 1];
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
        foreach ($this->bodies() as $body) {
            $airsL = $hours * ($body === 0
                ? 1000 * ($deeds->isMoved || $s->returnLh > 0 ? $life->movedMH : $life->stillMH) * $this->plant->display->areaM2
                : self::DRAIN_SHARE * $s->drainLh + self::SKIMMER_SHARE * $deeds->skimmerLh);
            $fish = $body === 0 ? $life->fishMgH * 2 ** (($s->tempC[0] - 25) / 10) : 0.0;
            $net = $hours * ($body === 0 ? $made - $life->communityMgH - $fish : 0.0);
            $water = Seawater::at(min(42.0, max(0.0, $s->salinity($body))), min(40.0, max(0.0, $s->tempC[$body])));
            $changes->oxygenAirsL[$body] = $airsL;
            $changes->oxygen[$body] += $airsL * $water->oxygenSatMgL() + max(-$s->oxygenMg[$body], $net);
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
        $free = $this->balance($s, $body);
        $all = $s->per($s->dicMmol, $body);
        $inAir = $this->k($s, $body)['K0'] * $life->co2Ppm * 1e-3 * Seawater::NEAR_DENSITY_KG_L;
        $changes->dicAirsL[$body] = $all > 0 ? ($airsL * $free) / $all : 0.0;
        $given = $airsL * $inAir + $breathedMmol;
        $changes->dic[$body] += $given;
        $s->dicInMmol += $given;
    }

    /**
     * Sets the pH of a water, and says how much free carbon dioxide is in it, mmol/L.
     *
     * @param  0|1  $body
     */
    private function balance(State $s, int $body): float
    {
        $k = $this->k($s, $body);
        $perKg = 1 / (1000 * Seawater::NEAR_DENSITY_KG_L);
        $alk = $s->per($s->alkMeq, $body) * $perKg;
        $dic = $s->per($s->dicMmol, $body) * $perKg;
        // Newton from the pH of the step before: two passes carry it closer than any probe reads.
        $ph = $s->ph[$body] - Carbonate::PROBE_ABOVE_TOTAL;
        for ($pass = 0; $pass < 3; $pass++) {
            $h = 10 ** -$ph;
            $all = $h * $h + $k['K1'] * $h + $k['K1'] * $k['K2'];
            $off = ($dic * $k['K1'] * ($h + 2 * $k['K2'])) / $all + ($k['BT'] * $k['KB']) / ($k['KB'] + $h) + $k['KW'] / $h - $h - $alk;
            $slope = -M_LN10 * $h * (
                ($dic * $k['K1'] * ($all - ($h + 2 * $k['K2']) * (2 * $h + $k['K1']))) / ($all * $all)
                - ($k['BT'] * $k['KB']) / ($k['KB'] + $h) ** 2
                - $k['KW'] / ($h * $h)
                - 1
            );
            $ph -= max(-0.5, min(0.5, $off / $slope));
        }
        $ph = max(3.0, min(11.0, $ph));
        $s->ph[$body] = $ph + Carbonate::PROBE_ABOVE_TOTAL;
        $h = 10 ** -$ph;

        return ($dic * $h * $h) / ($h * $h + $k['K1'] * $h + $k['K1'] * $k['K2']) / $perKg;
    }

    /**
     * Renewed for each tenth of a degree and of salinity.
     *
     * @return array{K0: float, K1: float, K2: float, KB: float, KW: float, BT: float}
     */
    private function k(State $s, int $body): array
    {
        $t = round(min(35.0, max(2.0, $s->tempC[$body])), 1);
        $salinity = round(min(43.0, max(19.0, $s->salinity($body))), 1);

        return $this->constants["{$t} {$salinity}"] ??= Carbonate::constants($salinity, $t);
    }
}
