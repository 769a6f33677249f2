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

    /** Of carbon dioxide a litre takes up under a millionth of it in the air, by its solubility. */
    private const MMOL_L_PER_PPM = 1e-3 * Seawater::NEAR_DENSITY_KG_L;

    /** Carbon dioxide goes through a surface so much slower than oxygen. */
    private const CO2_SHARE = 0.9;

    /** What a drain and a skimmer exchange of their flow. */
    private const DRAIN_SHARE = 0.2;

    private const SKIMMER_SHARE = 0.3;

    /** Newton squares what is left, so a move as small as this was the last, pH. */
    private const LAST_MOVE = 5e-4;

    private const MOST_PASSES = 4;

    /** @var array<int, array{K0: float, K1: float, K2: float, KB: float, KW: float, BT: float}> by temperature and salinity */
    private array $constants = [];

    /** @var array<int, float> oxygen that water holds, mg/L, by temperature and salinity */
    private array $saturationMgL = [];

    public function __construct(private readonly PlantSpec $plant)
    {
    }

    /**
     * Adds to what each water gains.
     *
     * @param  float  $minute  of the day on the wall
     */
    public function step(State $s, Deeds $deeds, Gain $display, Gain $sump, float $minute, float $seconds): void
    {
        foreach ($deeds->dosesMlMin as $outlet => $mlMin) {
            $isInSump = $this->plant->devices[$outlet]->body === Body::Sump && $this->plant->sump !== null;
            $this->dose($s, $outlet, ($mlMin * $seconds) / 60, $isInSump ? $sump : $display);
        }
        $life = $this->plant->life;
        if ($this->plant->start->alkMeqL === null) {
            return;
        }
        $this->renew($s->display);
        if ($this->plant->sump !== null) {
            $this->renew($s->sump);
        }
        if ($life === null) {
            return;
        }
        $hours = $seconds / 3600;
        $isLit = $deeds->light > 0 || $life->isLitAt($minute);
        $this->grow($s, $life, $display, $isLit, $hours);
        $this->breathe($s, $life, $deeds, $display, $isLit, $hours);
        if ($this->plant->sump !== null) {
            $airL = $hours * (self::DRAIN_SHARE * $s->drainLh + self::SKIMMER_SHARE * $deeds->skimmerLh);
            $this->air($s, $s->sump, $life, $sump, $airL, 0.0);
        }
    }

    /** pH a probe reads in each water, from what is in it. */
    public function settle(State $s): void
    {
        $this->balance($s->display);
        if ($this->plant->sump !== null) {
            $this->balance($s->sump);
        }
    }

    private function dose(State $s, string $outlet, float $ml, Gain $gain): void
    {
        $device = $this->plant->devices[$outlet];
        if (isset($s->vesselMl[$outlet])) {
            $ml = min($ml, $s->vesselMl[$outlet]);
            $s->vesselMl[$outlet] -= $ml;
        }
        $meq = $ml * $device->alkMeqPerMl;
        $gain->alkMeq += $meq;
        $gain->dicMmol += $meq * $device->dicPerMeq;
        $gain->caMg += $ml * $device->caMgPerMl;
        $s->alkInMeq += $meq;
        $s->dicInMmol += $meq * $device->dicPerMeq;
    }

    /** Twice as much by day as by night, as much over a day as is known; nothing where nothing is left. */
    private function grow(State $s, Life $life, Gain $gain, bool $isLit, float $hours): void
    {
        $perDarkHour = $life->alkMeqLDay / ($life->litHours * (self::BY_DAY - 1) + 24);
        $meq = $perDarkHour * ($isLit ? self::BY_DAY : 1.0) * $hours * ($s->display->litres + $s->sump->litres);
        $nitrated = ($life->nitrateMgDay * $hours) / 24 / self::NITRATE_MG_PER_MEQ;
        $meq = max(0.0, min($meq, 0.5 * $s->display->alkMeq - $nitrated, $s->display->dicMmol));
        $gain->alkMeq -= $meq + $nitrated;
        $gain->dicMmol -= self::DIC_PER_MEQ * $meq;
        $gain->caMg -= self::CA_MG_PER_MEQ * $meq;
        $s->alkOutMeq += $meq + $nitrated;
        $s->dicOutMmol += self::DIC_PER_MEQ * $meq;
    }

    /** What lives in the display breathes, and its surface with it. */
    private function breathe(State $s, Life $life, Deeds $deeds, Gain $gain, bool $isLit, float $hours): void
    {
        $madeMgH = $isLit && $life->litHours > 0 ? ($life->communityMgH * 24) / $life->litHours : 0.0;
        $fishMgH = $life->fishMgH * 2 ** (($s->display->tempC - 25) / 10);
        $movedMH = $deeds->isMoved || $s->returnLh > 0 ? $life->movedMH : $life->stillMH;
        $airL = $hours * 1000 * $movedMH * $this->plant->display->areaM2;
        $this->air($s, $s->display, $life, $gain, $airL, $hours * ($madeMgH - $life->communityMgH - $fishMgH));
    }

    /**
     * Oxygen and carbon dioxide go to where there is less of them; what is breathed in and out comes to it.
     *
     * @param  float  $airL  litres that meet the air
     * @param  float  $madeMg  oxygen made, less what is breathed in
     */
    private function air(State $s, Water $water, Life $life, Gain $gain, float $airL, float $madeMg): void
    {
        $gain->oxygenAirL = $airL;
        $gain->oxygenMg += $airL * $water->oxygenSatMgL + max(-$water->oxygenMg, $madeMg);
        ['K0' => $k0, 'K1' => $k1, 'K2' => $k2] = $water->carbonate ?? $this->constants($water);
        $airL *= self::CO2_SHARE;
        if ($water->dicMmol > 0) {
            // Of all its carbon, what is free carbon dioxide at the pH it has.
            $h = 10 ** (Carbonate::PROBE_ABOVE_TOTAL - $water->ph);
            $gain->dicAirL = ($airL * $h * $h) / ($h * $h + $k1 * ($h + $k2));
        }
        $given = $airL * $k0 * $life->co2Ppm * self::MMOL_L_PER_PPM - $madeMg / self::O2_G_MOL;
        $gain->dicMmol += $given;
        $s->dicInMmol += $given;
    }

    /** Sets the pH of a water by what is in it: Newton from that of the step before, until it is closer than any probe reads. */
    private function balance(Water $water): void
    {
        ['K1' => $k1, 'K2' => $k2, 'KB' => $kb, 'KW' => $kw, 'BT' => $bt] = $water->carbonate ?? $this->constants($water);
        $perKg = 1 / ($water->litres * 1000 * Seawater::NEAR_DENSITY_KG_L);
        $alk = $water->alkMeq * $perKg;
        $dic = $water->dicMmol * $perKg;
        $ph = $water->ph - Carbonate::PROBE_ABOVE_TOTAL;
        for ($pass = 0; $pass < self::MOST_PASSES; $pass++) {
            $h = 10 ** -$ph;
            $both = $h + 2 * $k2;
            $all = $h * $h + $k1 * ($h + $k2);
            $carbonate = ($dic * $k1) / $all;
            $borate = ($bt * $kb) / ($kb + $h);
            $hydroxide = $kw / $h;
            $slope = -M_LN10 * (
                $h * $carbonate * (1 - ($both * (2 * $h + $k1)) / $all)
                - ($h * $borate) / ($kb + $h)
                - $hydroxide
                - $h
            );
            $move = max(-0.5, min(0.5, ($carbonate * $both + $borate + $hydroxide - $h - $alk) / $slope));
            $ph -= $move;
            if (abs($move) < self::LAST_MOVE) {
                break;
            }
        }
        $water->ph = max(3.0, min(11.0, $ph)) + Carbonate::PROBE_ABOVE_TOTAL;
    }

    /** What goes by its temperature and salinity alone. */
    private function renew(Water $water): void
    {
        $water->carbonate = $this->constants($water);
        $water->oxygenSatMgL = $this->saturationMgL($water);
    }

    /**
     * Renewed for each tenth of a degree and of salinity.
     *
     * @return array{K0: float, K1: float, K2: float, KB: float, KW: float, BT: float}
     */
    private function constants(Water $water): array
    {
        $tenthsC = (int) (10 * $water->tempC + 0.5);
        $tenths = (int) (10 * $water->salinity + 0.5);

        return $this->constants[10_000 * $tenthsC + $tenths] ??= Carbonate::constants(
            min(43.0, max(19.0, $tenths / 10)),
            min(35.0, max(2.0, $tenthsC / 10)),
        );
    }

    /** Renewed for each hundredth of a degree and of salinity. */
    private function saturationMgL(Water $water): float
    {
        $hundredthsC = (int) (100 * $water->tempC + 0.5);
        $hundredths = (int) (100 * $water->salinity + 0.5);

        return $this->saturationMgL[100_000 * $hundredthsC + $hundredths] ??=
            Seawater::at(min(42.0, $hundredths / 100), min(40.0, max(0.0, $hundredthsC / 100)))->oxygenSatMgL();
    }
}
