<?php

declare(strict_types=1);

namespace Velbrin\Core\Moves\Brief;

use Velbrin\Core\Chemistry\AmmoniaJudgement;
use Velbrin\Core\Moves\AirSupply;
use Velbrin\Core\Moves\AnimalDemand;
use Velbrin\Core\Moves\ContainerHours;
use Velbrin\Core\Seawater\Seawater;

/** What a box asks of its animals and they of it: what they breathe, how long it lasts without heat counted, the litres they want. */
final readonly class BoxAnswer
{
    /** Oxygen below which fish gasp, mg/L. */
    public const LEAST_MG_L = 4.0;

    /** Water out of a stirred tank holds so much of what it could. */
    public const STIRRED = 0.95;

    /** Free ammonia in a box, mg/L as N (M-24). */
    private const FREE_MG_L = AmmoniaJudgement::STOP_MG_L;

    /** Litres for each cm of fish at the very least, and what is comfort. */
    private const L_PER_CM = 1.0;

    private const AMMONIA_RESERVE = 1.25;

    /** How far below the water’s surface an air stone lies, of the water’s height. */
    private const STONE_SHARE = 0.8;

    /**
     * @param  list<string>  $needs  what nobody has said
     */
    private function __construct(
        public Box $box,
        public array $needs,
        public float $demandMgH,
        public float $fishCm,
        public float $longestCm,
        /** The air it gets carries what they breathe. */
        public bool $airSuffices,
        public ?ContainerHours $hours,
        private float $startMgL,
        private float $mostTotalMgL,
    ) {
    }

    public static function of(MoveBrief $brief, Box $box): self
    {
        $old = $brief->waters->old;
        $after = WaterAnswer::of($brief->waters)->after ?? [];
        $needs = [];
        $tempC = $old['temperature'] ?? null;
        foreach (['temperature' => $tempC, 'salinity' => $old['salinity'] ?? null, 'ph' => $old['ph'] ?? null] as $what => $value) {
            if ($value === null) {
                $needs[] = 'the '.($what === 'ph' ? 'pH' : $what).' of the old water';
            }
        }
        $demand = $cm = $longest = 0.0;
        foreach ($brief->in($box) as $animal) {
            if ($animal->isCoral) {
                continue;
            }
            if ($animal->lengthCm === null) {
                $needs[] = "the length of {$animal->label}";

                continue;
            }
            $demand += $animal->count * AnimalDemand::mgH(AnimalDemand::grams($animal->lengthCm, $animal->isDeep), $tempC ?? 25.0);
            $cm += $animal->count * $animal->lengthCm;
            $longest = max($longest, $animal->lengthCm);
        }
        if ($needs !== [] || $demand <= 0 || $tempC === null) {
            return new self(
                box: $box,
                needs: $needs,
                demandMgH: $demand,
                fishCm: $cm,
                longestCm: $longest,
                airSuffices: false,
                hours: null,
                startMgL: 0.0,
                mostTotalMgL: 0.0,
            );
        }
        $sat = Seawater::at($old['salinity'], $tempC)->oxygenSatMgL();
        $depthM = (self::STONE_SHARE * $box->litres) / ($box->lengthMm * $box->widthMm) * 1000;
        $suffices = AirSupply::carriesMgH($box->airLMin, $depthM, self::LEAST_MG_L, $sat) >= $demand;
        $outsideC = $box->inCabin ? $brief->way->cabinC : $brief->way->loadC ?? $brief->way->outdoorC;
        $hours = ContainerHours::of(
            litres: $box->litres,
            demandMgH: $demand,
            oxygenStartMgL: self::STIRRED * $sat,
            oxygenMinMgL: self::LEAST_MG_L,
            airHours: $suffices ? ($box->airHours ?? 0.0) * AirSupply::coldShare($outsideC ?? 0.0) : 0.0,
            totalStartMgL: $brief->waters->totalAmmoniaMgL,
            ph: max($old['ph'], $after['ph'] ?? $old['ph']),
            tempC: $tempC,
            salinity: $old['salinity'],
            freeLimitMgL: self::FREE_MG_L,
            uaWK: 0,
            startC: $tempC,
            airC: $tempC,
            lowerC: -100,
            upperC: null,
        );
        $most = $hours->ammoniaH * ContainerHours::AMMONIA_PER_OXYGEN * $demand / $box->litres;

        return new self(
            box: $box,
            needs: [],
            demandMgH: $demand,
            fishCm: $cm,
            longestCm: $longest,
            airSuffices: $suffices,
            hours: $hours,
            startMgL: self::STIRRED * $sat,
            mostTotalMgL: $most,
        );
    }

    /** Whole minutes it lasts; null: corals only, or nobody knows yet. */
    public function lastsMin(): ?int
    {
        return $this->hours === null ? null : (int) floor(60 * $this->hours->hours);
    }

    /** What fish want at the very least for so many hours, L (M-21). */
    public function leastL(float $plannedH): float
    {
        if ($this->hours === null) {
            return 0.0;
        }
        $hourWithoutAir = $this->demandMgH / ($this->startMgL - self::LEAST_MG_L);
        $ammonia = $this->mostTotalMgL > 0
            ? (ContainerHours::AMMONIA_PER_OXYGEN * $this->demandMgH * self::AMMONIA_RESERVE * $plannedH) / $this->mostTotalMgL
            : INF;

        return max(self::L_PER_CM * $this->fishCm, $hourWithoutAir, $ammonia);
    }
}
